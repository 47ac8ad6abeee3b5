import { capital } from '../capital';
import { feedPer, speedUnit, type CutPlan, type CutSetup } from '@pike-stone/core';
import { whatLimits, type Forecast, type Held, type LimitName } from '@pike-stone/core/forecast';
import { formatFeedPerTurn, formatSpindleSpeed, joined, type UnitSystem } from '../format';
import { sayLength, type ForecastRow } from './row';

/** Sentence for each limit: what stops the quantity, and what would let it go further. */
const LIMIT_WORDS: Readonly<Record<LimitName, readonly [name: string, change: string]>> = {
  chart: ['the chart for this edge and metal', 'A harder edge material, or fluid.'],
  'machine-top': ['the machine’s top speed', 'A larger diameter, or HSS that is content with it.'],
  'machine-bottom': ['the machine’s slowest speed', 'A smaller diameter, or the back gear.'],
  chuck: ['what the chuck may turn', 'Nothing: it stays under that.'],
  carriage: ['how fast the carriage can be stopped', 'A wide run-out, said in the set-up.'],
  ram: ['the ram in mid-stroke', 'A shorter stroke, or carbide.'],
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

const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** What would lift a limit; high speed steel is not advised to take high speed steel. */
const changeFor = (name: LimitName, { edge }: CutPlan): string =>
  name === 'machine-top' && edge.family === 'hss' ? 'A larger diameter.' : LIMIT_WORDS[name][1];

/** How far speed, feed, depth and width could go, the tightest first. */
export function limitsRow(f: Forecast, setup: CutSetup, plan: CutPlan, units: UnitSystem): ForecastRow {
  const held = whatLimits(setup, plan, f);
  const show = ({ quantity }: Held, value: number) =>
    quantity === 'speed'
      ? joined(formatSpindleSpeed(value, speedUnit(setup)))
      : quantity === 'feed'
        ? joined(formatFeedPerTurn(value, units, feedPer(setup)))
        : sayLength(value, units);
  const lines = held.map((one) => {
    const { found, upper, lower } = one;
    const name = capital(one.quantity);
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
    lines: first ? [...lines, `To go further: ${lower(changeFor(first, plan))}`] : lines,
  };
}
