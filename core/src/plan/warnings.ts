import {
  formatLength,
  formatPower,
  formatSurfaceSpeed,
  formatTorque,
  joined,
  type UnitSystem,
} from '../quantity/format';
import { overhang, supported } from './burdens';
import type { CutPlan } from './cut-plan';
import { cuttingOf, type CutSetup } from './cut-setup';
import { operationWarnings } from './operation-warnings';
import { OPERATIONS, type Cutting } from './operations';
import { limitWarnings } from './limits';
import { POWER_RESERVE, powerShare } from './power-share';

export type WarningLevel = 'note' | 'caution' | 'danger';

/** One sentence for the person at the machine, with what to do about it. */
export interface Warning {
  readonly key: string;
  readonly level: WarningLevel;
  readonly text: string;
}

/** What the numbers themselves give reason to say, the most pressing first. */
export function warnings(setup: CutSetup, plan: CutPlan, units: UnitSystem): Warning[] {
  return [
    ...limitWarnings(setup, plan, units),
    ...powerWarning(setup, plan, units),
    ...tooSlowForEdge(plan, units),
    ...tooFast(plan, units),
    ...feedWarnings(plan),
    ...depthWarnings(setup, plan, units),
    ...operationWarnings(setup, plan, units),
    ...setupNotes(setup, plan),
  ];
}

/** What asks less of the spindle. */
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

/** More than the spindle has in this step, or the reserve used up. */
function powerWarning(setup: CutSetup, plan: CutPlan, units: UnitSystem): Warning[] {
  const { share, tighter, has, torqueNm, powerKw } = powerShare(setup, plan);
  if (share === null || has === null || share <= POWER_RESERVE * 1.001) return [];
  const [needs, there] =
    tighter === 'torque'
      ? [formatTorque(torqueNm, units), formatTorque(has.torqueNm, units)]
      : [formatPower(powerKw, units), formatPower(has.powerKw, units)];
  const change = `${CUT_BACK[cuttingOf(setup)]}, or one step ${tighter === 'torque' ? 'down for more torque' : 'down'}.`;
  return [
    {
      key: 'power',
      level: share > 1 ? 'danger' : 'caution',
      text:
        share > 1
          ? `More than the machine has here: it needs ${joined(needs)}, there are ${joined(there)}${has.beltFirst ? ' before the belt slips' : ''}. ${change}`
          : `Takes ${Math.round(100 * share)} % of what the machine has here; a quarter should stay in reserve. ${change}`,
    },
  ];
}

function tooSlowForEdge(plan: CutPlan, units: UnitSystem): Warning[] {
  const { speed } = plan;
  const carbide = plan.edge.family === 'carbide';
  const has = joined(formatSurfaceSpeed(speed.actualMPerMin, units));
  if (speed.actualMPerMin < speed.range.leastUsefulMPerMin) {
    const wants = joined(formatSurfaceSpeed(speed.range.leastUsefulMPerMin, units));
    return [
      {
        key: 'below-useful',
        level: 'caution',
        text: carbide
          ? `Too slow for ${plan.edge.name.toLowerCase()}: ${has} here, it wants ${wants} at least. Below that the edge builds up and crumbles. Take sharp HSS.`
          : `Very slow: ${has} against ${wants}. It cuts, it only takes time.`,
      },
    ];
  }
  if (
    speed.choice.machineTooSlow
    && speed.rungRpm === speed.topRpm
    && speed.actualMPerMin < 0.75 * speed.aimMPerMin
  ) {
    return [
      {
        key: 'machine-too-slow',
        level: carbide ? 'caution' : 'note',
        text: `Top speed of this machine gives ${has}; ${joined(formatSurfaceSpeed(speed.aimMPerMin, units))} was the aim.${carbide ? ' Sharp HSS may do better here.' : ''}`,
      },
    ];
  }
  return [];
}

function tooFast(plan: CutPlan, units: UnitSystem): Warning[] {
  const { speed } = plan;
  const limit = speed.range.highMPerMin * Math.max(1, speed.factors.speedFactor);
  if (speed.actualMPerMin <= limit * 1.0001) return [];
  const hss = plan.edge.family === 'hss';
  const slowest = speed.choice.machineTooFast && speed.rungRpm === speed.choice.chosenRpm;
  return [
    {
      key: 'too-fast',
      level: 'danger',
      text: `${slowest ? 'Even the slowest speed is too fast' : 'Too fast'} for ${plan.edge.name}: ${joined(formatSurfaceSpeed(speed.actualMPerMin, units))}, the chart ends at ${joined(formatSurfaceSpeed(limit, units))}. ${
        hss ? 'The edge will burn.' : 'The edge will wear fast.'
      } ${slowest ? 'Take a smaller diameter, or carbide.' : 'Go one step down.'}`,
    },
  ];
}

function feedWarnings(plan: CutPlan): Warning[] {
  const { feed } = plan;
  const list: Warning[] = [];
  if (feed.turning && feed.lowMmRev > feed.highMmRev) {
    list.push({
      key: 'no-feed-window',
      level: 'caution',
      text: 'This edge is too blunt for so light a cut: sharper tool, smaller nose or more depth.',
    });
  } else if (feed.rubs) {
    list.push({
      key: 'rubbing',
      level: 'caution',
      text: 'The chip is thinner than the edge can cut: it rubs. Feed more, or take a sharper edge.',
    });
  }
  if (feed.mmRev > feed.highMmRev * 1.0001) {
    list.push({
      key: 'feed-high',
      level: 'caution',
      text:
        feed.setting.how === 'lever' && feed.setting.below === null
          ? 'Even the finest lever is too coarse here: feed by hand, slowly and evenly.'
          : 'Coarser than this tool or machine should take. Go one lever finer.',
    });
  }
  if (feed.setting.how === 'hand' && feed.setting.handIsLimit) {
    list.push({
      key: 'hand-fast',
      level: 'note',
      text: 'The cutter could take more than a hand winds evenly: this is the hand’s limit. Fewer teeth or one speed down fits better.',
    });
  }
  return list;
}

function depthWarnings(setup: CutSetup, plan: CutPlan, units: UnitSystem): Warning[] {
  const { depth } = plan;
  const list: Warning[] = [];
  const turning = cuttingOf(setup) === 'turning';
  if (
    setup.firstPassOnSkin
    && (turning || cuttingOf(setup) === 'milling')
    && depth.mm <= setup.stock.skinMm
  ) {
    list.push({
      key: 'on-the-skin',
      level: 'caution',
      text: `Still in the skin. Go under it in one pass: more than ${joined(formatLength(setup.stock.skinMm, units))} deep.`,
    });
  }
  if (
    !setup.firstPassOnSkin
    && setup.stock.skinMm > 0
    && (turning || cuttingOf(setup) === 'milling')
    && depth.mm <= setup.stock.skinMm
  ) {
    list.push({
      key: 'skin-left',
      level: 'note',
      text: `This stock came with a skin of ${joined(formatLength(setup.stock.skinMm, units))}. Where it is still on, do not finish in it: one pass under it first, noted in the conditions.`,
    });
  }
  if (turning && plan.feed.turning && depth.mm < plan.feed.turning.depthFloorMm) {
    list.push({
      key: 'depth-rubs',
      level: 'caution',
      text: 'So thin a cut rubs and springs instead of cutting. Take more, or hone the edge.',
    });
  } else if (
    turning
    && plan.edge.family === 'carbide'
    && plan.feed.turning
    && depth.mm < plan.feed.turning.depthPreferredMinMm
  ) {
    list.push({
      key: 'nose-depth',
      level: 'note',
      text: `Less than two thirds of the nose radius: the push turns sideways and size wanders. ${joined(formatLength(plan.feed.turning.depthPreferredMinMm, units))} or more is better.`,
    });
  }
  if (setup.operation === 'drill' && depth.mm > 3 * setup.tool.diameterMm) {
    list.push({
      key: 'peck',
      level: 'note',
      text: 'Deeper than three diameters: draw the drill out and clear the chips each diameter.',
    });
  }
  if (setup.tool.kind === 'end-mill' && depth.mm > setup.tool.fluteLengthMm) {
    list.push({
      key: 'flute-length',
      level: 'danger',
      text: `Deeper than the flutes are long (${joined(formatLength(setup.tool.fluteLengthMm, units))}): the shank would rub and break the cutter.`,
    });
  }
  return list;
}

const SHORTEN = {
  work: 'Shorten it if you can.',
  cutter: 'Shorten it if you can.',
  bar: 'A thicker bar, or shorten it.',
  blade: 'Closer to the chuck.',
} as const;
function setupNotes(setup: CutSetup, plan: CutPlan): Warning[] {
  const list: Warning[] = [];
  if (plan.speed.factors.floorActed) {
    list.push({
      key: 'burdens',
      level: 'caution',
      text: 'So many burdens at once call for another set-up, not another number.',
    });
  }
  if (plan.speed.factors.applied.some((factor) => factor.name.endsWith('overhang'))) {
    const { ratio, allowable } = overhang(setup);
    const what = OPERATIONS[setup.operation].overhang ?? 'cutter';
    const free = supported(setup.operation) && setup.support !== 'chuck';
    const remedy = free
      ? 'A steady, or less depth.'
      : supported(setup.operation)
        ? 'Bring up the tailstock or shorten it.'
        : SHORTEN[what];
    list.push({
      key: 'overhang',
      level: 'caution',
      text: `${what === 'bar' ? 'The bar sticks out' : what === 'blade' ? 'Cuts' : free ? 'Lies free over' : 'Sticks out'} ${ratio.toFixed(1)} diameters${what === 'blade' ? ' from the chuck' : ''}, ${allowable} is usual. ${remedy}`,
    });
  }
  return list;
}
