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

/** Place of the largest lever not far above the wanted feed and never above the limit; the finest when none is. */
function nearestLever(steps: readonly FeedStep[], wanted: number, limit: number): number {
  const most = Math.min(wanted * LEVER_OVER, limit) * (1 + 1e-9);
  // Ascending: as many as are small enough lie before it.
  return Math.max(0, steps.filter((step) => step.value <= most).length - 1);
}

/** Turns the wanted feed into what this machine can be set to at a spindle speed. */
export function planFeed(
  setup: CutSetup,
  start: FeedStart,
  rpm: number,
  edge: ToolMaterial,
  depthMm: number,
  widthMm: number | null,
): FeedPlan {
  const feeding = operationOf(setup).feeding(setup);
  if (feeding === 'screw')
    return fed(start, { how: 'screw', pitchMm: start.baseMm }, start.wantedMmRev, rpm, false, false);
  if (feeding === 'strokes')
    return fed(start, { how: 'strokes', perMin: STROKES_PER_MIN }, start.wantedMmRev, rpm, false, false);
  const steps = usableFeeds(setup);
  const { setting, mmRev, byHandChoice } =
    steps.length > 0 ? byLever(setup, start, steps, rpm) : byHand(setup, start, rpm);
  return fed(start, setting, mmRev, rpm, byHandChoice, rubs(setup, start, mmRev, edge, depthMm, widthMm));
}

/** Field by field: a plan is made at every touch, and a spread is many times slower. */
const fed = (
  { wantedMmRev, baseMm, lowMmRev, highMmRev, turning, tooth, chart }: FeedStart,
  setting: FeedSetting,
  mmRev: number,
  rpm: number,
  byHandChoice: boolean,
  isRubbing: boolean,
): FeedPlan => ({
  wantedMmRev,
  baseMm,
  lowMmRev,
  highMmRev,
  turning,
  tooth,
  chart,
  setting,
  mmRev,
  mmMin: mmRev * rpm,
  byHandChoice,
  rubs: isRubbing,
});

interface Chosen {
  readonly setting: FeedSetting;
  readonly mmRev: number;
  readonly byHandChoice: boolean;
}

/** The lever that was picked, else the nearest one; a mill's levers count by the minute. */
function byLever(setup: CutSetup, start: FeedStart, steps: readonly FeedStep[], rpm: number): Chosen {
  const perMinute = isMill(setup.machine);
  const toStepUnit = perMinute ? rpm : 1;
  const wished = setup.feedByHand;
  const picked = wished === null ? -1 : steps.findIndex((step) => Math.abs(step.value - wished) < 1e-9);
  const index =
    picked >= 0 ? picked : nearestLever(steps, start.wantedMmRev * toStepUnit, start.highMmRev * toStepUnit);
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
function byHand(setup: CutSetup, start: FeedStart, rpm: number): Chosen {
  const { name, wheel } = wheelFor(setup);
  const fastest = (60 * wheel.travelPerTurnMm) / HAND_CAN_FOLLOW_S.fastest;
  const handIsLimit = start.wantedMmRev * rpm > fastest;
  const mmRev = handIsLimit ? fastest / rpm : start.wantedMmRev;
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
