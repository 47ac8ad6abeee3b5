import {
  feedPer,
  POWER_RESERVE,
  speedUnit,
  type CutPlan,
  type CutSetup,
  type FindingLevel,
} from '@pike-stone/core';
import {
  toBreak,
  whatLimits,
  type ChipClass,
  type Forecast,
  type Held,
  type LimitName,
} from '@pike-stone/core/forecast';
import {
  formatFeedPerTurn,
  formatForce,
  formatHeat,
  formatLength,
  formatPercent,
  formatPower,
  formatRa,
  formatSpindleSpeed,
  formatTime,
  formatTorque,
  joined,
  type UnitSystem,
} from './format';
import { OPERATION_WORDS } from './operation/words-of';

/** One row of the forecast: quantity, value, reasons, and what would change it. */
export interface ForecastRow {
  readonly key: 'limits' | 'power' | 'spring' | 'chip' | 'finish' | 'heat' | 'life' | 'time';
  readonly title: string;
  readonly value: string;
  /** Set when something should be changed. */
  readonly level: Extract<FindingLevel, 'caution' | 'danger'> | null;
  readonly lines: readonly string[];
}

/** A spring below this cannot be measured in a small shop, mm. */
const NOTICED_MM = 0.005;
const LIFE_SHOWN_MIN = [2, 240] as const;

const CHIP_WORDS: Readonly<Record<ChipClass, string>> = {
  ribbon: 'Ribbon, straight and endless',
  tangle: 'Tangle, a thin snarl',
  'flat-spiral': 'Flat spiral, like a clock spring',
  'long-helix': 'Long helix',
  'short-helix': 'Short helix',
  'arc-pieces': 'Broken arcs: the aim',
  'loose-bits': 'Loose bits, short crumbs',
  dust: 'Dust',
};
const CHIP_CHANGE: Partial<Record<ChipClass, string>> = {
  ribbon:
    'To break it: more feed, one lever at a time; then a step ground behind the edge. Stop, then a hook, never fingers.',
  tangle: 'To break it: more feed, or more depth; a thin snarl catches on work and hands. Stop, then a hook.',
  'long-helix': 'On a finishing cut let it be.',
  'loose-bits': 'Hard on the edge when the metal is not brittle: a little less feed.',
  dust: 'Keep it off the ways and out of the air you breathe.',
};

/** Minutes of an edge's life, or the end of the range that can be told. */
export const formatLife = (value: number): string =>
  value < LIFE_SHOWN_MIN[0]
    ? `under ${LIFE_SHOWN_MIN[0]}`
    : value > LIFE_SHOWN_MIN[1]
      ? `over ${LIFE_SHOWN_MIN[1]}`
      : String(Number(value.toPrecision(2)));
const length = (mm: number, units: UnitSystem): string => joined(formatLength(mm, units));

/** The rows of the forecast, the most pressing first. */
export function sayForecast(
  f: Forecast,
  setup: CutSetup,
  plan: CutPlan,
  units: UnitSystem,
): readonly ForecastRow[] {
  const rows = [
    limitsRow(f, setup, plan, units),
    powerRow(f, plan, units),
    springRow(f, units),
    chipRow(f, setup, plan, units),
    finishRow(f, setup, units),
    heatRow(f, plan, units),
    lifeRow(f, plan),
    timeRow(f, setup, units),
  ].filter((row): row is ForecastRow => row !== null);
  const rank = { danger: 0, caution: 1, none: 2 } as const;
  return rows.sort((a, b) => rank[a.level ?? 'none'] - rank[b.level ?? 'none']);
}

/** Sentence for each limit: what stops the quantity, and what would let it go further. */
const LIMIT_WORDS: Readonly<Record<LimitName, readonly [name: string, change: string]>> = {
  chart: ['the chart for this edge and metal', 'A harder edge material, or fluid.'],
  'machine-top': ['the machine’s top speed', 'A larger diameter, or HSS that is content with it.'],
  'machine-bottom': ['the machine’s slowest speed', 'A smaller diameter, or the back gear.'],
  chuck: ['what the chuck may turn', 'Nothing: it stays under that.'],
  heat: ['the heat the edge stands', 'Fluid all the time, or a thinner chip.'],
  'tool-material': ['carbide’s least useful speed', 'Sharp HSS goes slower.'],
  'nose-radius': ['the nose radius', 'A larger nose.'],
  'machine-feed': ['what this machine should be asked', 'Nothing but a stiffer machine.'],
  'edge-radius': ['the roundness of the edge', 'A sharper, honed edge.'],
  'chip-load': ['the chip load of the cutter', 'A larger cutter, or fewer teeth.'],
  hand: ['the hand', 'Fewer teeth, one step down, or a power feed.'],
  table: ['the chart for this operation', 'What worked in your shop is better.'],
  pitch: ['the pitch itself', 'Nothing: the gears set it.'],
  power: ['the power of this step', 'A finer feed, less depth, a sharper edge with more rake.'],
  torque: ['the torque of this step', 'The back gear or a step down, a finer feed, less depth.'],
  stiffness: ['what springs', 'Shorter out, a centre or a steady, a sharper edge.'],
  'flute-length': ['the length of the flutes', 'A longer cutter.'],
  'half-the-work': ['the middle of the work', 'Nothing: there is no more.'],
  skin: ['the skin: it goes under', 'Nothing: it must go under.'],
  'tool-size': ['the tool itself', 'Another tool.'],
};

/** How far speed, feed, depth and width could go, the tightest first. */
function limitsRow(f: Forecast, setup: CutSetup, plan: CutPlan, units: UnitSystem): ForecastRow {
  const held = whatLimits(setup, plan, f);
  const show = ({ quantity }: Held, value: number) =>
    quantity === 'speed'
      ? joined(formatSpindleSpeed(value, speedUnit(setup)))
      : quantity === 'feed'
        ? joined(formatFeedPerTurn(value, units, feedPer(setup)))
        : length(value, units);
  const lines = held.map((one) => {
    const { found, upper, lower } = one;
    const name = one.quantity.charAt(0).toUpperCase() + one.quantity.slice(1);
    const up =
      found.high === null || upper === null
        ? 'nothing stops it upward'
        : found.high <= found.start * 1.0001
          ? `already at ${LIMIT_WORDS[upper][0]}`
          : `up to ${show(one, found.high)}: ${LIMIT_WORDS[upper][0]}`;
    return `${name} ${show(one, found.start)}, ${up}${lower && found.low > 0 && found.low < found.start * 0.999 ? `; down to ${show(one, found.low)}: ${LIMIT_WORDS[lower][0]}` : ''}.`;
  });
  const first = held[0]!.upper;
  return {
    key: 'limits',
    title: 'Held back by',
    value: first ? LIMIT_WORDS[first][0] : 'nothing known',
    level: null,
    lines: first
      ? [
          ...lines,
          `To go further: ${LIMIT_WORDS[first][1].charAt(0).toLowerCase()}${LIMIT_WORDS[first][1].slice(1)}`,
        ]
      : lines,
  };
}

function powerRow({ power }: Forecast, plan: CutPlan, units: UnitSystem): ForecastRow | null {
  if (!power) return null;
  const needs = `${joined(formatPower(power.powerKw, units))}, ${joined(formatTorque(power.torqueNm, units))}`;
  const push = `Cuts with ${joined(formatForce(power.cuttingN, units))}, pushes back with ${joined(formatForce(power.pushN, units))}${power.force.extrapolated ? '; the chip is thinner than the figures were found for' : ''}. Force per chip section (Kienzle) × rake, speed, wear.`;
  if (power.share === null || !power.has)
    return {
      key: 'power',
      title: 'Power',
      value: needs,
      level: null,
      lines: ['What the machine has is not known: give it its motor in the drawer.', push],
    };
  const level = power.share > 1 ? 'danger' : power.share > POWER_RESERVE ? 'caution' : null;
  const has =
    power.tighter === 'torque'
      ? joined(formatTorque(power.has.torqueNm, units))
      : joined(formatPower(power.has.powerKw, units));
  const deepest = (plan.depth.mm * POWER_RESERVE) / power.share;
  return {
    key: 'power',
    title: level === 'danger' ? 'More than the machine has' : 'Power',
    level,
    value: `${formatPercent(power.share)} of ${has}`,
    lines: [
      `Needs ${needs} at the spindle; this step has ${joined(formatPower(power.has.powerKw, units))}, ${joined(formatTorque(power.has.torqueNm, units))}${power.has.beltFirst ? ', then the belt slips' : ''}.`,
      ...(level
        ? [
            `To keep a quarter in reserve: ${length(deepest, units)} deep instead of ${length(plan.depth.mm, units)}, a finer feed${power.tighter === 'torque' ? ', or the back gear' : ', or one step down'}.`,
          ]
        : []),
      push,
    ],
  };
}

function springRow({ spring }: Forecast, units: UnitSystem): ForecastRow | null {
  if (!spring) return null;
  const over = spring.ratio > spring.allowable;
  const noticed = spring.errorMm >= NOTICED_MM;
  return {
    key: 'spring',
    title: { work: 'Work springs away', cutter: 'Cutter leans away', bar: 'Bar springs away' }[spring.what],
    level: over ? 'caution' : null,
    value: !noticed
      ? 'not to be noticed'
      : spring.what === 'work'
        ? `⌀${length(spring.errorMm, units)} too large`
        : spring.what === 'bar'
          ? `⌀${length(spring.errorMm, units)} too small`
          : `wall off by ${length(spring.errorMm, units)}`,
    lines: [
      `Stands out ${spring.ratio.toFixed(1)} diameters; ${spring.allowable} is usual. Jaws and bearings give way too: really 1.3 to 2 times as much on a tired machine.`,
      ...(over
        ? [
            spring.what === 'work'
              ? 'Bring up the tailstock or a steady, or take less depth.'
              : spring.what === 'bar'
                ? 'A thicker bar, shorter out, or a sharper edge with less nose.'
                : 'Shorten it in the collet, or take less depth and width.',
          ]
        : []),
    ],
  };
}

/** What would break the chip: a feed or depth from the model, else a chip breaker on the tool. */
function sayToBreak(setup: CutSetup, plan: CutPlan, units: UnitSystem): string[] {
  const found = toBreak(setup, plan);
  if (!found) return [];
  const ways = [
    found.feedMmRev === null
      ? ''
      : `a feed of ${joined(formatFeedPerTurn(found.feedMmRev, units))}${found.setting ? ` (${found.setting})` : ''}`,
    found.depthMm === null ? '' : `${length(found.depthMm, units)} deep`,
  ].filter(Boolean);
  return [
    ways.length > 0
      ? `By the model it breaks at ${ways.join(', or ')}.`
      : 'No feed or depth this edge takes breaks it: a step ground behind the edge, less rake or a smaller nose does.',
  ];
}

function chipRow({ chip }: Forecast, setup: CutSetup, plan: CutPlan, units: UnitSystem): ForecastRow | null {
  if (!chip) return null;
  const others = chip.possible.filter((one) => one !== chip.chip);
  return {
    key: 'chip',
    title: 'Chip',
    value: CHIP_WORDS[chip.chip],
    level: chip.chip === 'ribbon' || chip.chip === 'tangle' ? 'caution' : null,
    lines: [
      others.length > 0
        ? `It may also be: ${others.map((one) => CHIP_WORDS[one].split(/[,:]/)[0]!.toLowerCase()).join(', ')}. Curl and breaking strain are known within about 30 %.`
        : 'Fairly sure: the model says the same within its spread.',
      ...sayToBreak(setup, plan, units),
      ...(CHIP_CHANGE[chip.chip] ? [CHIP_CHANGE[chip.chip]!] : []),
      `Told for a rake without a breaker; strained to ${formatPercent(chip.breakIndex)} of what this metal stands before it breaks.`,
    ],
  };
}

function finishRow({ finish }: Forecast, setup: CutSetup, units: UnitSystem): ForecastRow | null {
  if (!finish) return null;
  return {
    key: 'finish',
    title: 'Finish, Ra',
    value: `${formatRa(finish.lowRaUm, units).split('\u00a0')[0]} to ${formatRa(finish.highRaUm, units)}`,
    level: finish.finerIsWorse ? 'caution' : null,
    lines: [
      `Feed and nose alone would leave ${formatRa(finish.idealRaUm, units)}; a machine that is ${setup.machine.condition}${finish.builtUp > 1.05 ? ` and metal that builds up on the edge at this speed (× ${finish.builtUp.toFixed(1)})` : ''} make it so.`,
      ...(finish.finerIsWorse
        ? ['The feed is finer than this edge can cut: coarser would be smoother. Or take a sharper edge.']
        : []),
      ...(finish.builtUp > 1.3
        ? ['Out of the zone of the built-up edge: faster with carbide, slower with HSS and oil.']
        : []),
    ],
  };
}

function heatRow({ heat }: Forecast, plan: CutPlan, units: UnitSystem): ForecastRow | null {
  if (!heat) return null;
  const shown = (c: number) => formatHeat(c, units);
  return {
    key: 'heat',
    title: 'Heat at the edge',
    value: `about ${shown(heat.interfaceC)}`,
    level: heat.verdict === 'good' ? null : 'caution',
    lines: [
      `${plan.edge.name} goes quickly at ${shown(plan.edge.hotLimitC)}; known within about 20 %.`,
      heat.colour
        ? `Chips come off ${heat.colour.colour}${plan.edge.family === 'hss' ? '; brown or darker means slow down' : ''}.`
        : 'The colour of this chip says nothing.',
      ...(heat.verdict === 'over'
        ? [
            'By this the edge does not stand long: look at the chip, then one step down, or fluid all the time.',
          ]
        : heat.verdict === 'watch'
          ? ['Watch the chip; one step down when it darkens.']
          : []),
    ],
  };
}

function lifeRow({ life }: Forecast, plan: CutPlan): ForecastRow | null {
  if (life === null)
    return plan.edge.family === 'carbide' && plan.speed.actualMPerMin < plan.speed.range.leastUsefulMPerMin
      ? {
          key: 'life',
          title: 'Edge lasts',
          value: 'not to be told',
          level: 'caution',
          lines: ['Below carbide’s useful speed the built-up edge takes the corner off, sooner or later.'],
        }
      : null;
  return {
    key: 'life',
    title: 'Edge lasts, minutes of cutting',
    value:
      life.minutes > LIFE_SHOWN_MIN[1]
        ? `over ${LIFE_SHOWN_MIN[1]}`
        : `${formatLife(life.lowMinutes)} to ${formatLife(life.highMinutes)}`,
    level: life.minutes < 10 ? 'caution' : null,
    lines: [
      `Taylor, with typical constants: half to double at least. Ten percent faster costs ${plan.edge.family === 'hss' ? 'high speed steel about half' : 'carbide about a third'} of it.`,
    ],
  };
}

function timeRow({ passS, lengthMm }: Forecast, setup: CutSetup, units: UnitSystem): ForecastRow {
  const what = OPERATION_WORDS[setup.operation].pass ?? 'of the cut';
  return {
    key: 'time',
    title: `Time for ${length(lengthMm, units)}${feedPer(setup) === 'stroke' ? ' of width' : ''}`,
    value: formatTime(passS),
    level: null,
    lines: [`${what}, without approach and handling.`],
  };
}
