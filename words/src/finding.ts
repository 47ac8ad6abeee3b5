import {
  findings,
  type CutPlan,
  type CutSetup,
  type Cutting,
  type FactorName,
  type Finding,
  type FindingCode,
  type FindingLevel,
  type FindingOf,
} from '@pike-stone/core';
import {
  coarseLength,
  formatAngle,
  formatFeedPerTurn,
  formatLength,
  formatPower,
  formatSpindleSpeed,
  formatSurfaceSpeed,
  formatTorque,
  joined,
  type UnitSystem,
} from './format';
import { FACTOR_WORDS } from './factor';

/** One sentence for the person at the machine, with what to do about it. */
export interface Warning {
  readonly key: string;
  readonly level: FindingLevel;
  readonly text: string;
}

/** Formatters for the figures of a sentence. */
interface Pen {
  length(mm: number): string;
  /** A length that is no more than an estimate, to two figures. */
  about(mm: number): string;
  feed(mm: number): string;
  figure(mm: number): string;
  rpm(rpm: number): string;
  strokes(perMin: number): string;
  surface(mPerMin: number): string;
  power(kw: number): string;
  torque(newtonMetres: number): string;
}
const penFor = (units: UnitSystem): Pen => ({
  length: (mm) => joined(formatLength(mm, units)),
  about: (mm) => joined({ figure: coarseLength(mm, units), unit: formatLength(mm, units).unit }),
  feed: (mm) => joined(formatFeedPerTurn(mm, units)),
  figure: (mm) => formatLength(mm, units).figure,
  rpm: (rpm) => joined(formatSpindleSpeed(rpm)),
  strokes: (perMin) => joined(formatSpindleSpeed(perMin, 'strokes/min')),
  surface: (mPerMin) => joined(formatSurfaceSpeed(mPerMin, units)),
  power: (kw) => joined(formatPower(kw, units)),
  torque: (newtonMetres) => joined(formatTorque(newtonMetres, units)),
});

/** Advice for a cut that takes too much power. */
const CUT_BACK: Readonly<Record<Cutting, string>> = {
  drilling: 'A pilot hole, a finer feed',
  reaming: 'A finer feed',
  plunging: 'A pilot hole, a finer feed',
  blade: 'A narrower blade, a finer feed',
  threading: 'More and shallower passes',
  turning: 'Less depth, a finer feed',
  milling: 'Less depth, a finer feed',
  pressing: 'Less pressure',
  filing: 'Less pressure',
};

/** The tool that the machine would drive, with its size. */
function lighterWords({ lighter }: FindingOf<'power'>, { length }: Pen): string {
  if (!lighter) return '';
  const { what, mm, pilotMm } = lighter;
  if (what === 'blade') return ` A blade of ${length(mm)} fits.`;
  const pilot = pilotMm === null ? '' : ` Drill ⌀${length(pilotMm)} first, or`;
  return pilot ? `${pilot} take ⌀${length(mm)} at most.` : '';
}

function powerWords(f: FindingOf<'power'>, pen: Pen): string {
  const { torque, power } = pen;
  const byTorque = f.tighter === 'torque';
  const show = byTorque ? torque : power;
  const change = `${CUT_BACK[f.cutting]}, or one step ${byTorque ? 'down for more torque' : 'down'}.${lighterWords(f, pen)}`;
  if (f.share <= 1)
    return `Takes ${Math.round(100 * f.share)} % of what the machine has here; a quarter should stay in reserve. ${change}`;
  const slips = f.beltFirst ? ' before the belt slips' : '';
  return `More than the machine has here: it needs ${show(f.needs)}, there are ${show(f.has)}${slips}. ${change}`;
}

function belowUsefulWords(f: FindingOf<'below-useful'>, { surface }: Pen): string {
  const [has, wants] = [surface(f.actualMPerMin), surface(f.leastMPerMin)];
  return f.carbide
    ? `Too slow for ${f.edgeName.toLowerCase()}: ${has} here, it wants ${wants} at least. Below that the edge builds up and crumbles. Take sharp HSS.`
    : `Very slow: ${has} against ${wants}. It cuts, it only takes time.`;
}

/** Factors as they stand in the middle of a sentence. */
const easedBy = (factors: readonly FactorName[]): string =>
  factors.length === 0
    ? 'the chart'
    : factors.map((name) => FACTOR_WORDS[name].title.toLowerCase()).join(', ');

function aboveBandWords(f: FindingOf<'above-band'>, { rpm }: Pen): string {
  const band = `${formatSpindleSpeed(f.lowRpm).figure} to ${rpm(f.highRpm)}`;
  return `${rpm(f.rpm)} lies above the band for this set-up, ${band}: ${easedBy(f.factors)} took it down. Go down, or change what took it down.`;
}

function threadFastWords(f: FindingOf<'thread-fast'>, { length }: Pen): string {
  const runs = `The tool runs ${length(f.mmPerS)} a second; ${length(f.mostMmPerS)} is the most that is stopped in time.`;
  return f.slowest
    ? `${runs} This is the slowest step: turn the spindle by a hand crank, motor off.`
    : `${runs} Go down, or give it a wide run-out and say so.`;
}

/** What gives way, and what would make it give way less. */
const SPRING_WORDS = {
  work: ['The work springs', 'A centre or a steady, or'],
  bar: ['The bar springs', 'A thicker bar, shorter out, or'],
  cutter: ['The cutter bends', 'Shorter in the collet, a thicker cutter, or'],
} as const;
function springsWords(f: FindingOf<'springs'>, { length }: Pen): string {
  const [what, change] = SPRING_WORDS[f.what];
  return `${what} ${length(f.errorMm)}; ${length(f.mostMm)} is let pass. ${change} not over ${length(f.depthMm)} deep.`;
}

/** How slender work is held now. */
const HELD_NOW = {
  chuck: 'out of the chuck, held at that end alone,',
  'chuck-and-centre': 'between chuck and centre',
  'between-centres': 'between centres',
} as const;
/** What would hold slender work. */
function slenderHoldWords({ support, takesCentre, steadies }: FindingOf<'slender'>): string {
  const held = steadies === 1 ? 'a steady' : `${steadies} steadies`;
  if (!takesCentre) return `Set ${steadies === 1 ? 'a steady near the end' : held}`;
  if (steadies === 0) return 'Bring up a centre';
  return `${support === 'chuck' ? `A centre and ${held}` : `Set ${held}`}, or a travelling steady`;
}
function slenderWords(f: FindingOf<'slender'>, { length, about }: Pen): string {
  const held = `${length(f.lengthMm)} ${HELD_NOW[f.support]}`;
  return `Too slender: ${held} bends away from even the finest cut, or whips. ${about(f.mostMm)} is the most that holds; the rule of thumb is ${about(f.usualMm)}. ${slenderHoldWords(f)}, hold it shorter, or cut it in short lengths, each finished before the next is drawn out.`;
}

function tooFastWords(f: FindingOf<'too-fast'>, { surface }: Pen): string {
  const how = f.slowest ? 'Even the slowest speed is too fast' : 'Too fast';
  const wears = f.hss ? 'The edge will burn.' : 'The edge will wear fast.';
  const change = !f.slowest
    ? 'Go down.'
    : f.hss
      ? 'Take a smaller diameter, or carbide.'
      : 'Take a smaller diameter.';
  return `${how} for ${f.edgeName}: ${surface(f.actualMPerMin)}, the chart ends at ${surface(f.limitMPerMin)}. ${wears} ${change}`;
}

/** Advice where something sticks out too far and a centre cannot support it. */
const SHORTEN = {
  work: 'Shorten it if you can.',
  cutter: 'Shorten it if you can.',
  bar: 'A thicker bar, or shorten it.',
  blade: 'Closer to the chuck.',
} as const;

function overhangWords(f: FindingOf<'overhang'>): string {
  const heldAtBothEnds = f.support !== null && f.support !== 'chuck';
  const what = heldAtBothEnds
    ? 'Lies free over'
    : { work: 'Sticks out', cutter: 'Sticks out', bar: 'The bar sticks out', blade: 'Cuts' }[f.standsOut];
  const remedy = heldAtBothEnds
    ? 'A steady, or less depth.'
    : f.support !== null
      ? 'Bring up the tailstock or shorten it.'
      : SHORTEN[f.standsOut];
  const from = f.standsOut === 'blade' ? ' from the chuck' : '';
  return `${what} ${f.ratio.toFixed(1)} diameters${from}, ${f.allowable} is usual. ${remedy}`;
}

function facingWords(f: FindingOf<'facing-centre'>, { length, rpm }: Pen): string {
  const chips = f.carbide ? ' Carbide can chip at the centre.' : '';
  const faster = f.faster
    ? ` From ⌀${length(f.faster.fromMm)} inward ${rpm(f.faster.rpm)} is right: worth it on a large face only.`
    : '';
  return `Speed falls toward the centre: inside ⌀${length(f.insideMm)} it is under ${f.carbide ? 'a third' : 'half'} of the aim.${chips}${faster}`;
}

/** How a cutter goes into the work from above, in words. */
const goDown = (ramping: boolean): string => (ramping ? 'ramp down' : 'go straight down');

/** What a feed must not be coarser than, in words. */
const FEED_LIMITS = {
  'nose-radius': 'the nose takes',
  'machine-feed': 'this machine should be asked',
  tooth: 'a tooth takes',
  chart: 'the chart',
} as const;

type Sentences = { readonly [C in FindingCode]: (finding: FindingOf<C>, pen: Pen) => string };
const SENTENCES: Sentences = {
  swing: (f, { length }) =>
    `⌀${length(f.workMm)} does not swing in this lathe: it takes ⌀${length(f.mostMm)} over the bed.`,
  'over-slide': (f, { length }) =>
    `Over the cross slide only ⌀${length(f.mostMm)} clears: look that the work does not run against the slide.`,
  'between-centres': (f, { length }) => `Longer than this lathe takes: ${length(f.mostMm)} between centres.`,
  stroke: (f, { length }) =>
    `Longer than the ram goes: ${length(f.mostMm)} is its longest stroke, and it must clear the work at both ends.`,
  'tool-height': (f, { length }) =>
    `A shank of ${length(f.shankMm)} stands above the centre: from the tool rest to the centre are ${length(f.mostMm)}. Take a smaller tool, or a rest that sits lower.`,
  'chuck-rpm': (f, { rpm }) =>
    `The chuck is marked ${rpm(f.markedRpm)}; this step turns ${rpm(f.rpm)}. Go down, however well it suits the cutter.`,
  collet: (f, { length, figure }) =>
    `No collet for a shank of ${length(f.shankMm)}: there are ${f.colletsMm.map(figure).join(', ')}. Never close one onto a shank it is not made for.`,
  'largest-drill': (f, { length }) =>
    `Larger than this spindle holds: ${length(f.mostMm)}. Drill smaller and bore, or take another machine.`,
  power: powerWords,
  'below-useful': belowUsefulWords,
  'machine-too-slow': (f, { surface }) =>
    `Top speed of this machine gives ${surface(f.actualMPerMin)}; ${surface(f.aimMPerMin)} was the aim.${f.carbide ? ' Sharp HSS may do better here.' : ''}`,
  'too-fast': tooFastWords,
  'above-band': aboveBandWords,
  'ram-fast': (f, { strokes }) =>
    f.slowest
      ? 'Even the slowest strokes run the tool faster in mid-stroke than the chart allows: a shorter stroke.'
      : `The middle of the stroke runs faster than the chart ends: ${strokes(f.mostRpm)} at most. Go down.`,
  'no-feed-window': () =>
    'This edge is too blunt for so light a cut: sharper tool, smaller nose or more depth.',
  rubbing: () => 'The chip is thinner than the edge can cut: it rubs. Feed more, or take a sharper edge.',
  'feed-high': (f, { feed }) =>
    f.finest
      ? 'Even the finest lever is too coarse here: feed by hand, slowly and evenly.'
      : `Coarser than ${FEED_LIMITS[f.limit]}: ${feed(f.mostMmRev)} at most. Go one lever finer.`,
  'hand-fast': () =>
    'The cutter could take more than a hand winds evenly: this is the hand’s limit. Fewer teeth or one speed down fits better.',
  'on-the-skin': (f, { length }) =>
    `Still in the skin. Go under it in one pass: more than ${length(f.skinMm)} deep.`,
  'skin-left': (f, { length }) =>
    `This stock came with a skin of ${length(f.skinMm)}. Where it is still on, do not finish in it: one pass under it first, noted in the conditions.`,
  'depth-rubs': () => 'So thin a cut rubs and springs instead of cutting. Take more, or hone the edge.',
  'nose-depth': (f, { length }) =>
    `Less than two thirds of the nose radius: the push turns sideways and size wanders. ${length(f.leastMm)} or more is better.`,
  peck: (f, { length }) =>
    `Draw the drill out and clear the chips after ${length(f.firstMm)}; from ${length(f.oftenFromMm)} on every ${length(f.everyMm)}.`,
  springs: springsWords,
  slender: slenderWords,
  'flute-length': (f, { length }) =>
    `Deeper than the ${f.what} are long (${length(f.lengthMm)}): ${f.what === 'flutes' ? 'the shank' : 'what is above them'} would rub and break the cutter.`,
  burdens: () => 'So many burdens at once call for another set-up, not another number.',
  overhang: overhangWords,
  coating: () =>
    'A coating that holds aluminium welds to aluminium. Uncoated and polished, or a coating without it.',
  'chip-thinning': (f) =>
    `The narrow cut thins the chip: the feed is raised by ${f.percent} % so that it still cuts and does not rub.`,
  'full-width': () =>
    'Full width: the chips stay in the slot and are cut again. Brush them out; for an accurate width take a smaller cutter and finish the sides.',
  'flank-rubs': (f, { feed }) =>
    `Side clearance of ${formatAngle(f.sideClearanceDeg, 1)}${f.measured ? ' as measured' : ''}: the side of this bit rubs ${f.mostMmRev > 0 ? `above ${feed(f.mostMmRev)}` : 'at any feed'}. Grind more clearance.`,
  'heel-rubs': (f, { length }) =>
    `The heel of this bit stands ${length(-f.gapMm)} into the wall of a ${length(f.boreMm)} bore: it rubs before it cuts. Grind a second clearance.`,
  'centre-height': (f, { length }) =>
    `Set the edge exactly on centre: on this diameter ${length(f.offMm)} ${f.bore ? 'low' : 'high'} takes ${f.turnsDeg.toFixed(0)}° of clearance. A thin rule pinched between work and nose must stand upright.`,
  'centre-cutting': (f) =>
    `This cutter has no teeth at the centre: it cannot ${goDown(f.ramping)}. Drill a start hole, or take a slot drill.`,
  'centre-unknown': (f) =>
    `Look at the end of the cutter: unless a tooth reaches the centre it cannot ${goDown(f.ramping)}. Note it in the drawer.`,
  'parting-centre': () =>
    'The speed falls to nothing at the centre: ease the feed for the last millimetres, or break the pip off.',
  'facing-centre': facingWords,
  'shoulder-slope': (f) =>
    `This tool’s edge stands at ${Math.round(f.approachDeg)}°: it leaves a slope. A tool of 90° or more cuts the shoulder square.`,
  'shoulder-corner': (f, { length }) =>
    `The nose leaves ${length(f.noseMm)} in the corner. Stop the power feed a millimetre short, go on by hand, and feed out across the face.`,
  'groove-deep': (f, { length }) =>
    `Deeper than four times the blade is wide (${length(f.mostMm)}): clear the chips often, or rough with a wider blade first.`,
  'thread-fast': threadFastWords,
  'thread-nose': (f, { length }) =>
    `The nose is too round for this pitch: at most ${length(f.mostMm)}. The root stays full and the nut binds.`,
  'thread-gears': () =>
    'This machine’s leadscrew and gears are not known yet: give them on its page, and the gears for this pitch are found.',
  'taper-point': () =>
    'At this angle and length the taper runs out to a point: less length or a smaller angle.',
  'set-over': (f, { length }) =>
    `Set over by more than a fiftieth of the length (${length(f.mostMm)}): plain centres bear on a line only. Ball centres, or the compound slide.`,
  'set-over-reset': () =>
    'The next piece must be as long and centred as deep, or its taper differs. Afterwards set the tailstock back and prove it with a test bar.',
  'offset-level': () =>
    'The slide of the head must lie level with the cross slide: rolled by 5° it lifts the centre and the taper comes out hollow and too large. Light cuts: the head is held by its taper only.',
  'compound-travel': (f, { length }) =>
    `Longer than most compound slides travel (about ${length(f.travelMm)}): look first, or set the tailstock over.`,
  'taper-height': () =>
    'The edge exactly on centre: above or below, the taper comes out hollow and of another angle.',
  'knurl-blank': (f, { length }) =>
    `Turn the blank to ⌀${length(f.blankMm)}: then the knurl closes on whole teeth.`,
  'form-broad': (f, { length }) =>
    `A broad form (${length(f.widthMm)}) chatters on small machines: rough the shape first, then slowest speed and plenty of oil for the form.`,
  'form-small': () =>
    'The smallest diameter of the form runs at under half the speed of the largest: it may tear there.',
  'slot-deep': (f, { length }) =>
    `Deeper than a slot is cut in one pass here: ${length(f.mostMm)}. In more passes the cutter lives and the walls stay straight.`,
  'ramp-steep': () =>
    'Steep: most of the cutting is done by the end of the cutter. Three degrees or less, or drill a start.',
  'head-fast': (f, { rpm }) =>
    `A boring head is never in balance: ${rpm(f.rpm)} is fast for one. Start at half, and never over what is marked on it.`,
  'fly-skin': () =>
    'One tooth and a blow each turn: not for hard skin or broken faces. A face mill, or an end mill in strips.',
  'saw-fine': (f, { length }) =>
    `${f.teethInCut.toFixed(1)} teeth are in the cut at once: the gullets pack and the saw jams. A coarser saw, or less than ${length(f.depthMm)} at a time.`,
  'saw-coarse': (f) => `Only ${f.teethInCut.toFixed(1)} teeth in the cut: it hammers. A finer saw.`,
  't-slot-neck': (f) =>
    `Mill the neck slot first, to its full depth${f.dry ? ', and use fluid: chips that stay are cut again' : ''}. Stop and brush the chips out every few centimetres.`,
  'dovetail-rough': (f) =>
    `Rough it square first with an end mill; then ${Math.round(f.angleDeg)}° in light side cuts, the last on both sides at one depth. Measure over two rolls, not at the sharp corners.`,
};

/** The sentence of a finding. */
export function sayFinding<C extends FindingCode>(finding: FindingOf<C>, units: UnitSystem): string {
  return SENTENCES[finding.code](finding, penFor(units));
}

/** The findings of a cut as sentences. */
export const warnings = (setup: CutSetup, plan: CutPlan, units: UnitSystem): Warning[] =>
  findings(setup, plan).map((finding: Finding) => ({
    key: finding.code,
    level: finding.level,
    text: sayFinding(finding, units),
  }));
