import { isBeyond } from '../quantity/beyond';
import { centreHeight } from '../bit/centre-height';
import type { CutPlan } from '../operation/cut-plan';
import type { Finding, FindingOf } from '../operation/finding';
import { operationOf, type CutSetup } from '../operation/registry';
import { fastestMPerMin } from './aim';
import { mostSpringMm } from './ease-spring';
import { overhang } from './factors';
import { groundFindings } from './ground-findings';
import { limitFindings } from './machine-limits';
import { leavesReserve, POWER_RESERVE, powerShare } from './power-share';
import { slenderFinding } from './slender-finding';
import { springForecast } from './spring-forecast';

/** Springing up to this many times what is let pass is still let pass. */
const SPRING_SLACK = 1.01;
/** A fastest step under this share of the aim is told. */
const FAR_UNDER_AIM = 0.75;
/** A raise of the feed under this is not told. */
const TOLD_RAISE = 1.005;
/** Usual error of the tool's height, mm; it is told where it turns the angles by at least so many degrees. */
const OFF_CENTRE_MM = 0.2;
const TOLD_TURN_DEG = 3;

/** Findings of a cut, in the order of machine, power, speed, feed, depth, spring, operation, cutter, set-up. */
export function findings(setup: CutSetup, plan: CutPlan): Finding[] {
  const slender = slenderFinding(setup, plan);
  return [
    ...limitFindings(setup, plan),
    ...powerFindings(setup, plan),
    ...tooSlow(plan),
    ...tooFast(plan),
    ...feedFindings(plan),
    ...depthFindings(setup, plan),
    ...springFindings(setup, plan),
    ...slender,
    ...operationOf(setup).findings(setup, plan),
    ...cutterFindings(setup, plan),
    ...heightFindings(setup, plan),
    ...groundFindings(setup, plan),
    ...setupFindings(setup, plan, slender.length > 0),
  ];
}

/** The cut takes more than the spindle has in this speed step, or uses up the reserve. */
function powerFindings(setup: CutSetup, plan: CutPlan): Finding[] {
  const { share, tighter, has, torqueNm, powerKw } = powerShare(setup, plan);
  if (share === null || has === null || leavesReserve(share)) return [];
  const torque = tighter === 'torque';
  const operation = operationOf(setup);
  return [
    {
      code: 'power',
      level: share > 1 ? 'danger' : 'caution',
      share,
      tighter,
      needs: torque ? torqueNm : powerKw,
      has: torque ? has.torqueNm : has.powerKw,
      beltFirst: has.beltFirst,
      cutting: operation.cutting,
      lighter: operation.lighter?.(setup, plan, POWER_RESERVE / share) ?? null,
    },
  ];
}

/** The speed is below what the edge or the chart asks for. */
function tooSlow({ speed, edge }: CutPlan): Finding[] {
  const carbide = edge.family === 'carbide';
  const { actualMPerMin, aimMPerMin, range } = speed;
  if (actualMPerMin < range.leastUsefulMPerMin) {
    const leastMPerMin = range.leastUsefulMPerMin;
    return [
      { code: 'below-useful', level: 'caution', actualMPerMin, leastMPerMin, edgeName: edge.name, carbide },
    ];
  }
  const onTop = speed.choice.machineTooSlow && speed.rungRpm === speed.topRpm;
  return onTop && actualMPerMin < FAR_UNDER_AIM * aimMPerMin
    ? [{ code: 'machine-too-slow', level: carbide ? 'caution' : 'note', actualMPerMin, aimMPerMin, carbide }]
    : [];
}

/** The speed is above the end of the chart. */
function tooFast({ speed, edge }: CutPlan): Finding[] {
  const { actualMPerMin, range, factors, choice, rungRpm } = speed;
  const limitMPerMin = fastestMPerMin(range, factors);
  if (!isBeyond(actualMPerMin, limitMPerMin)) return aboveBand(speed);
  return [
    {
      code: 'too-fast',
      level: 'danger',
      actualMPerMin,
      limitMPerMin,
      edgeName: edge.name,
      hss: edge.family === 'hss',
      slowest: choice.machineTooFast && rungRpm === choice.chosenRpm,
    },
  ];
}

/** The step lies above what the chart leaves with the factors of this set-up. */
function aboveBand({ rungRpm, bandRpm, factors }: CutPlan['speed']): Finding[] {
  const [lowRpm, highRpm] = bandRpm;
  if (!isBeyond(rungRpm, highRpm)) return [];
  const eased = factors.applied.filter(({ speed }) => speed < 1).map(({ name }) => name);
  return [{ code: 'above-band', level: 'caution', rpm: rungRpm, lowRpm, highRpm, factors: eased }];
}

/** What a feed must not be coarser than. */
function feedLimit({ turning, tooth, chart }: CutPlan['feed']): FindingOf<'feed-high'>['limit'] {
  if (turning && !chart) return turning.upperLimit;
  return tooth ? 'tooth' : 'chart';
}

function feedFindings({ feed }: CutPlan): Finding[] {
  const list: Finding[] = [];
  const { setting } = feed;
  if (feed.turning && feed.lowMmRev > feed.highMmRev) list.push({ code: 'no-feed-window', level: 'caution' });
  else if (feed.rubs) list.push({ code: 'rubbing', level: 'caution' });
  if (isBeyond(feed.mmRev, feed.highMmRev)) {
    const finest = setting.how === 'lever' && setting.below === null;
    list.push({
      code: 'feed-high',
      level: 'caution',
      finest,
      mostMmRev: feed.highMmRev,
      limit: feedLimit(feed),
    });
  }
  if (setting.how === 'hand' && setting.handIsLimit) list.push({ code: 'hand-fast', level: 'note' });
  return list;
}

function depthFindings(setup: CutSetup, { depth, edge, feed: { turning } }: CutPlan): Finding[] {
  const list: Finding[] = [];
  const { skinMm } = setup.stock;
  const { depthIsChosen, skinByWidth } = operationOf(setup);
  const goesIn = skinByWidth ? (depth.widthInUseMm ?? depth.mm) : depth.mm;
  const inSkin = depthIsChosen && goesIn <= skinMm;
  if (inSkin && setup.firstPassOnSkin) list.push({ code: 'on-the-skin', level: 'caution', skinMm });
  if (inSkin && !setup.firstPassOnSkin && skinMm > 0) list.push({ code: 'skin-left', level: 'note', skinMm });
  if (turning && depth.mm < turning.depthFloorMm) list.push({ code: 'depth-rubs', level: 'caution' });
  else if (turning && edge.family === 'carbide' && depth.mm < turning.depthPreferredMinMm)
    list.push({ code: 'nose-depth', level: 'note', leastMm: turning.depthPreferredMinMm });
  const lengthMm = edgeLengthMm(setup);
  if (lengthMm !== null && isBeyond(depth.mm, lengthMm)) {
    const what = setup.tool.kind === 'end-mill' ? 'flutes' : 'edges';
    list.push({ code: 'flute-length', level: 'danger', lengthMm, what });
  }
  return list;
}

/** Length of the edges along the axis of the cutter, mm; null where nothing limits the depth. An end mill that plunges goes in no deeper either. */
function edgeLengthMm(setup: CutSetup): number | null {
  const { tool } = setup;
  return operationOf(setup).cuttingLengthMm(tool) ?? (tool.kind === 'end-mill' ? tool.fluteLengthMm : null);
}

/** The cutter bends, or work and bar give way at a depth that was typed, more than is let pass. */
function springFindings(setup: CutSetup, plan: CutPlan): Finding[] {
  const operation = operationOf(setup);
  const { depth } = plan;
  if (!operation.easesToSpring && !(operation.depthIsChosen && depth.byHand)) return [];
  const load = operation.edgeLoad(setup, plan);
  const spring = load && springForecast(setup, plan, load);
  const mostMm = mostSpringMm(setup, plan);
  if (!spring || spring.errorMm <= mostMm * SPRING_SLACK) return [];
  const { what, errorMm } = spring;
  return [
    { code: 'springs', level: 'caution', what, errorMm, mostMm, depthMm: (depth.mm * mostMm) / errorMm },
  ];
}

/** Findings about the coating and the width of the cut. */
function cutterFindings(setup: CutSetup, { metal, feed, speed }: CutPlan): Finding[] {
  const list: Finding[] = [];
  const { tool } = setup;
  const coating = 'coating' in tool ? tool.coating : undefined;
  if (coating === 'with-aluminium' && metal.weldsToAluminiumCoating)
    list.push({ code: 'coating', level: 'danger' });
  const { cutting, fullWidth } = operationOf(setup);
  if (cutting === 'milling' && feed.tooth && feed.tooth.compensation > TOLD_RAISE)
    list.push({
      code: 'chip-thinning',
      level: 'note',
      percent: Math.round(100 * (feed.tooth.compensation - 1)),
    });
  if (fullWidth === 'slot' && speed.factors.applied.some(({ name }) => name === 'full-width-slot'))
    list.push({ code: 'full-width', level: 'note' });
  return list;
}

/** On thin work a small error of height turns the angles much. */
function heightFindings(setup: CutSetup, { diameterMm }: CutPlan): Finding[] {
  const { edgeHeight } = operationOf(setup);
  if (edgeHeight === null || diameterMm <= 2 * OFF_CENTRE_MM) return [];
  const { deltaDeg } = centreHeight(edgeHeight, OFF_CENTRE_MM, diameterMm, 0, 0);
  if (deltaDeg < TOLD_TURN_DEG) return [];
  return [
    {
      code: 'centre-height',
      level: 'note',
      offMm: OFF_CENTRE_MM,
      bore: edgeHeight === 'bore',
      turnsDeg: deltaDeg,
    },
  ];
}

/** Too many factors at once, and a long stick-out where it is no danger that is said already. */
function setupFindings(setup: CutSetup, { speed: { factors } }: CutPlan, isSlender: boolean): Finding[] {
  const list: Finding[] = [];
  if (factors.floorActed) list.push({ code: 'burdens', level: 'caution' });
  const out = overhang(setup);
  if (out && !isSlender && out.ratio > out.allowable) {
    const support = operationOf(setup).supported ? setup.support : null;
    const { standsOut, ratio, allowable } = out;
    list.push({ code: 'overhang', level: 'caution', standsOut, support, ratio, allowable });
  }
  return list;
}
