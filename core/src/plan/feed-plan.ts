import { HAND_CAN_FOLLOW_S, handFeed } from '../machine/hand-feed';
import { isMill, type FeedStep, type HandWheel } from '../machine/machine';
import type { FeedPlan, FeedSetting, FeedStart, WheelName } from '../operation/cut-plan';
import { STROKES_PER_MIN } from '../operation/file/file';
import { operationOf, type CutSetup } from '../operation/registry';
import type { ToolMaterial } from '../tool/tool-material';
import { feedPer } from './counted-by';

/** A lever up to this much above the wanted feed is still taken. */
const LEVER_OVER = 1.12;
/** A chip is thick enough from so many times the thinnest that the edge cuts. */
const THICK_ENOUGH = 2;

/** Feed levers that serve this cut, as feed per turn on a lathe or mm/min on a mill. */
export function usableFeeds(setup: CutSetup): readonly FeedStep[] {
  const { machine } = setup;
  const feeding = operationOf(setup).feeding(setup);
  if (feeding !== 'along' && feeding !== 'across') return [];
  if (machine.kind === 'lathe' && feeding === 'across' && machine.crossFeedRatio !== 1)
    return machine.feeds.map((step) => ({ ...step, value: step.value * machine.crossFeedRatio }));
  return machine.feeds;
}

/** The wheel that is wound where no lever feeds. */
function wheelFor(setup: CutSetup): { readonly name: WheelName; readonly wheel: HandWheel } {
  const { machine } = setup;
  const feeding = operationOf(setup).feeding(setup);
  if (machine.kind === 'lathe') {
    if (feeding === 'compound')
      return { name: 'compound', wheel: machine.compoundSlide ?? machine.crossSlide };
    if (feeding === 'tailstock') return { name: 'tailstock', wheel: machine.tailstockWheel };
    return feeding === 'across'
      ? { name: 'cross-slide', wheel: machine.crossSlide }
      : { name: 'carriage', wheel: machine.carriageWheel };
  }
  if (machine.kind === 'drill-press') return { name: 'quill', wheel: machine.quillWheel };
  return isMill(machine) && feeding === 'tailstock'
    ? { name: 'quill', wheel: machine.quillWheel }
    : { name: 'table', wheel: machine.tableWheel };
}

/** Feeds between which a lever is looked for, in the unit of the levers. */
interface FeedWindow {
  readonly wanted: number;
  readonly low: number;
  readonly high: number;
}

/**
 * Place of the largest lever not far above the wanted feed and never above the limit;
 * the next one where that is too fine to cut and the next is still within the limit;
 * the finest when none is.
 */
function nearestLever(steps: readonly FeedStep[], { wanted, low, high }: FeedWindow): number {
  const most = Math.min(wanted * LEVER_OVER, high) * (1 + 1e-9);
  // Ascending: as many as are small enough lie before it.
  const index = Math.max(0, steps.filter((step) => step.value <= most).length - 1);
  const [found, next] = [steps[index]!, steps[index + 1]];
  const isTooFine = found.value < low * (1 - 1e-9);
  return isTooFine && next && next.value <= high * (1 + 1e-9) ? index + 1 : index;
}

/** Turns the wanted feed into what this machine can be set to at a spindle speed. */
export function planFeed(
  setup: CutSetup,
  start: FeedStart,
  rpm: number,
  edge: ToolMaterial,
  depthMm: number,
  widthMm: number | null,
  mostMmRev: number | null = null,
): FeedPlan {
  const feeding = operationOf(setup).feeding(setup);
  if (feeding === 'screw')
    return fed(start, { how: 'screw', pitchMm: start.baseMm }, start.wantedMmRev, rpm, false, false, null);
  if (feeding === 'strokes')
    return fed(
      start,
      { how: 'strokes', perMin: STROKES_PER_MIN },
      start.wantedMmRev,
      rpm,
      false,
      false,
      null,
    );
  const steps = usableFeeds(setup);
  const wanted = mostMmRev === null ? start.wantedMmRev : Math.min(start.wantedMmRev, mostMmRev);
  const most = mostMmRev === null ? start.highMmRev : Math.min(start.highMmRev, mostMmRev);
  const { setting, mmRev, byHandChoice } =
    steps.length > 0
      ? byLever(setup, { wanted, low: start.lowMmRev, high: most }, steps, rpm)
      : byHand(setup, wanted, rpm);
  const isRubbing = rubs(setup, start, mmRev, edge, depthMm, widthMm);
  const easedMmRev = mostMmRev !== null && mostMmRev < start.wantedMmRev ? mostMmRev : null;
  return fed(start, setting, mmRev, rpm, byHandChoice, isRubbing, easedMmRev);
}

/** Field by field: a plan is made at every touch, and a spread is many times slower. */
const fed = (
  { wantedMmRev, baseMm, factor, lowMmRev, highMmRev, turning, tooth, chart }: FeedStart,
  setting: FeedSetting,
  mmRev: number,
  rpm: number,
  byHandChoice: boolean,
  isRubbing: boolean,
  easedMmRev: number | null,
): FeedPlan => ({
  wantedMmRev,
  baseMm,
  factor,
  lowMmRev,
  highMmRev,
  turning,
  tooth,
  chart,
  setting,
  mmRev,
  mmMin: mmRev * rpm,
  byHandChoice,
  easedMmRev,
  rubs: isRubbing,
});

interface Chosen {
  readonly setting: FeedSetting;
  readonly mmRev: number;
  readonly byHandChoice: boolean;
}

/** The lever that was picked, else the nearest one; a mill's levers count by the minute. */
function byLever(
  setup: CutSetup,
  { wanted, low, high }: FeedWindow,
  steps: readonly FeedStep[],
  rpm: number,
): Chosen {
  const perMinute = isMill(setup.machine);
  const toStepUnit = perMinute ? rpm : 1;
  const wished = setup.feedByHand;
  const picked = wished === null ? -1 : steps.findIndex((step) => Math.abs(step.value - wished) < 1e-9);
  const inUnit = { wanted: wanted * toStepUnit, low: low * toStepUnit, high: high * toStepUnit };
  const index = picked >= 0 ? picked : nearestLever(steps, inUnit);
  const step = steps[index]!;
  return {
    mmRev: step.value / toStepUnit,
    byHandChoice: picked >= 0,
    setting: {
      how: 'lever',
      per: perMinute ? 'min' : feedPer(setup),
      value: step.value,
      setting: step.setting,
      below: steps[index - 1] ?? null,
      above: steps[index + 1] ?? null,
    },
  };
}

/** Wound by hand, no faster than a hand winds evenly. */
function byHand(setup: CutSetup, plannedMmRev: number, rpm: number): Chosen {
  const { name, wheel } = wheelFor(setup);
  const wantedMmRev = setup.woundMmRev ?? plannedMmRev;
  const fastest = (60 * wheel.travelPerTurnMm) / HAND_CAN_FOLLOW_S.fastest;
  const handIsLimit = wantedMmRev * rpm > fastest;
  const mmRev = handIsLimit ? fastest / rpm : wantedMmRev;
  const { secondsPerTurn } = handFeed(mmRev * rpm, wheel.travelPerTurnMm, wheel.divisions);
  return {
    mmRev,
    byHandChoice: false,
    setting: {
      how: 'hand',
      wheel: name,
      secondsPerTurn,
      travelPerTurnMm: wheel.travelPerTurnMm,
      divisions: wheel.divisions,
      handIsLimit,
    },
  };
}

function rubs(
  setup: CutSetup,
  { turning, tooth }: FeedStart,
  mmRev: number,
  edge: ToolMaterial,
  depthMm: number,
  widthMm: number | null,
): boolean {
  if (turning) return mmRev < turning.feedLowerMmRev * (1 - 1e-9);
  if (!tooth) return false;
  const thickest = operationOf(setup).toothChipMm(setup, mmRev / tooth.teeth, depthMm, widthMm);
  return thickest !== null && thickest < (THICK_ENOUGH * edge.minChipRatio * edge.edgeRadiusUm) / 1000;
}
