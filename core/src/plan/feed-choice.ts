import { radialThinning, toothChip } from '../cut/chip-thinning';
import { drillFeed } from '../cut/drill-feed';
import type { FactorChain } from '../cut/factor-chain';
import { feedPerTooth, type CutterUse } from '../cut/feed-per-tooth';
import { turningFeedLimits, type TurningFeedLimits } from '../cut/turning-feed';
import { HAND_CAN_FOLLOW_S, handFeed } from '../machine/hand-feed';
import { isMill, type FeedStep, type HandWheel } from '../machine/machine';
import type { Material } from '../material/material';
import type { ToolMaterial } from '../tool/tool-material';
import { bladeWidth, cuttingOf, feedPer, type CutSetup } from './cut-setup';
import { engagement } from './engagement';
import { OPERATIONS } from './operations';
import { cutPitch, cutWay } from './particulars';

/** Where the feed starts from, before the machine is asked. */
export interface FeedStart {
  /** Feed per turn wanted after the burdens, mm. */
  readonly wantedMmRev: number;
  /** The chart or limit value before the burdens, mm per turn (per tooth when milling). */
  readonly baseMm: number;
  readonly lowMmRev: number;
  readonly highMmRev: number;
  readonly turning: TurningFeedLimits | null;
  /** Where the start comes from, when neither nose nor teeth decide. */
  readonly chart?: undefined | 'drill' | 'ream' | 'blade' | 'form' | 'centre' | 'pitch' | 'knurl' | 'file';
  readonly tooth: {
    readonly teeth: number;
    readonly compensation: number;
    readonly cap: number;
    readonly fzMm: number;
  } | null;
}

/** The feed as it is set on this machine. */
export type FeedSetting =
  | {
      readonly how: 'lever';
      readonly per: 'rev' | 'min' | 'stroke';
      readonly value: number;
      readonly setting: string;
      readonly below: FeedStep | null;
      readonly above: FeedStep | null;
    }
  | {
      readonly how: 'hand';
      readonly wheel: WheelName;
      readonly secondsPerTurn: number;
      readonly travelPerTurnMm: number;
      readonly divisions: number;
      readonly handIsLimit: boolean;
    }
  /** The leadscrew draws the tool along: the pitch is the feed. */
  | { readonly how: 'screw'; readonly pitchMm: number }
  /** Strokes of a file, each a little sideways. */
  | { readonly how: 'strokes'; readonly perMin: number };

export type WheelName = 'compound' | 'carriage' | 'cross-slide' | 'tailstock' | 'table' | 'quill';

export interface FeedChoice extends FeedStart {
  readonly setting: FeedSetting;
  /** What the machine really gives. */
  readonly mmRev: number;
  readonly mmMin: number;
  readonly byHandChoice: boolean;
  /** Thickest chip is under twice what the edge can take. */
  readonly rubs: boolean;
}

const ROUGHING_SHARE = 0.6;
/** A bar gives way more than a tool post: boring is fed at a share of turning. */
const BORING_SHARE = 0.6;
/** A reamer wants two to three times the feed of a drill of its size. */
const REAM_TIMES = 2.5;
/** Least, start and most for a parting blade, mm/rev: finer rubs, coarser breaks it. */
const BLADE_FEED = { hss: [0.02, 0.04, 0.08], carbide: [0.04, 0.07, 0.12] } as const;
/** A broad edge chatters: finer than a blade, and finer still over 10 mm. */
const FORM_FEED = [0.01, 0.02, 0.04] as const;
const BROAD_MM = 10;
/** The pilot of a centre drill is short and stiff, and breaks all the same. */
const CENTRE_SHARE = 0.5;
/** Feed of a knurl over its pitch. */
const KNURL_FEED = { low: 0.25, start: 0.5, high: 1 } as const;
/** A file moves slowly and sideways while the work turns: so many strokes a minute, so far each, mm. */
const FILE_STROKES = 30;
const FILE_SIDEWAYS_MM = 5;
const POWER_FEED_CAP = 2;
const HAND_FEED_CAP = 1.5;
/** A lever is passed over when it is more than this above the wanted feed. */
const LEVER_OVER = 1.12;

/** A feed of a table of its own, without limits from nose or teeth. */
const charted = (
  chart: NonNullable<FeedStart['chart']>,
  [low, base, high]: readonly [number, number, number],
  factor = 1,
): FeedStart => ({
  wantedMmRev: Math.max(low, base * factor),
  baseMm: base,
  lowMmRev: low,
  highMmRev: high,
  turning: null,
  tooth: null,
  chart,
});

export function startingFeed(
  setup: CutSetup,
  metal: Material,
  edge: ToolMaterial,
  factors: FactorChain,
  depthMm: number,
  widthMm: number | null,
  rpm: number,
): FeedStart {
  const { tool, machine, operation } = setup;
  const { cutting } = OPERATIONS[operation];
  if (operation === 'centre-drill') {
    const { lowMmRev, feedMmRev, highMmRev } = drillFeed(metal, tool.diameterMm);
    return charted(
      'centre',
      [CENTRE_SHARE * lowMmRev, CENTRE_SHARE * feedMmRev, CENTRE_SHARE * highMmRev],
      factors.feedFactor,
    );
  }
  if (cutting === 'drilling' || cutting === 'reaming') {
    const feed = drillFeed(metal, tool.diameterMm);
    const ream = cutting === 'reaming';
    const base = feed.feedMmRev * (ream ? REAM_TIMES : 1);
    return {
      wantedMmRev: base * factors.feedFactor,
      baseMm: base,
      lowMmRev: ream ? 2 * feed.feedMmRev : feed.lowMmRev,
      highMmRev: ream ? 3 * feed.feedMmRev : feed.highMmRev,
      turning: null,
      tooth: null,
      chart: ream ? 'ream' : 'drill',
    };
  }
  if (cutting === 'blade') {
    if (operation !== 'form' && operation !== 'chamfer')
      return charted('blade', BLADE_FEED[edge.family], factors.feedFactor);
    const share = bladeWidth(setup) > BROAD_MM ? 0.5 : 1;
    return charted(
      'form',
      [share * FORM_FEED[0], share * FORM_FEED[1], share * FORM_FEED[2]],
      factors.feedFactor,
    );
  }
  if (cutting === 'threading') {
    const pitch = cutPitch(setup);
    return charted('pitch', [pitch, pitch, pitch]);
  }
  if (cutting === 'pressing') {
    const pitch = cutPitch(setup);
    return charted('knurl', [KNURL_FEED.low * pitch, KNURL_FEED.start * pitch, KNURL_FEED.high * pitch]);
  }
  if (cutting === 'filing') {
    const perTurn = (FILE_STROKES * FILE_SIDEWAYS_MM) / rpm;
    return charted('file', [perTurn / 2, perTurn, perTurn * 2]);
  }
  if (cutting === 'turning') {
    const limits = turningFeedLimits({
      noseRadiusMm: tool.noseRadiusMm,
      depthMm,
      approachDeg: tool.approachDeg,
      cornerDeg: tool.cornerDeg,
      condition: machine.condition,
      edgeRadiusUm: edge.edgeRadiusUm,
      minChipRatio: edge.minChipRatio,
    });
    const base =
      ROUGHING_SHARE * limits.feedUpperMmRev * (OPERATIONS[operation].force === 'bore' ? BORING_SHARE : 1);
    const wanted = Math.min(
      limits.feedUpperMmRev,
      Math.max(limits.feedLowerMmRev, base * factors.feedFactor),
    );
    return {
      wantedMmRev: wanted,
      baseMm: base,
      lowMmRev: limits.feedLowerMmRev,
      highMmRev: limits.feedUpperMmRev,
      turning: limits,
      tooth: null,
    };
  }
  const base = feedPerTooth(
    metal,
    edge,
    OPERATIONS[operation].cutter as CutterUse,
    tool.diameterMm,
    bladeWidth(setup),
  );
  const cap = machine.feeds.length > 0 ? POWER_FEED_CAP : HAND_FEED_CAP;
  const { compensation } = radialThinning(
    tool.diameterMm,
    cutting === 'plunging' ? tool.diameterMm : engagement(setup, depthMm, widthMm).aeMm,
    base,
    cap,
  );
  const fzMm = base * compensation * factors.feedFactor;
  const perTurn = tool.teeth * compensation;
  const hMin = (edge.minChipRatio * edge.edgeRadiusUm) / 1000;
  return {
    wantedMmRev: fzMm * tool.teeth,
    baseMm: base,
    lowMmRev: 2 * hMin * perTurn,
    highMmRev: base * 1.5 * perTurn,
    turning: null,
    tooth: { teeth: tool.teeth, compensation, cap, fzMm },
  };
}

/** Round a compound slide no power feed goes. */
const slideByHand = (setup: CutSetup): boolean =>
  OPERATIONS[setup.operation].fed === 'compound'
  || (setup.operation === 'taper' && cutWay(setup) === 'compound');

/** Feed levers that serve this operation, as feed per turn on a lathe or mm/min on a mill. */
export function usableFeeds(setup: CutSetup): readonly FeedStep[] {
  const { machine, operation } = setup;
  const { fed } = OPERATIONS[operation];
  if (
    fed === 'tailstock'
    || slideByHand(setup)
    || ['threading', 'filing'].includes(OPERATIONS[operation].cutting)
  )
    return [];
  if (machine.kind === 'lathe' && fed === 'across' && machine.crossFeedRatio !== 1) {
    return machine.feeds.map((step) => ({ ...step, value: step.value * machine.crossFeedRatio }));
  }
  return machine.feeds;
}

function wheelFor(setup: CutSetup): { name: WheelName; wheel: HandWheel } {
  const { machine, operation } = setup;
  const { fed } = OPERATIONS[operation];
  if (machine.kind === 'lathe') {
    if (slideByHand(setup)) return { name: 'compound', wheel: machine.compoundSlide ?? machine.crossSlide };
    if (fed === 'tailstock') return { name: 'tailstock', wheel: machine.tailstockWheel };
    return fed === 'across'
      ? { name: 'cross-slide', wheel: machine.crossSlide }
      : { name: 'carriage', wheel: machine.carriageWheel };
  }
  if (machine.kind === 'drill-press') return { name: 'quill', wheel: machine.quillWheel };
  return isMill(machine) && fed === 'tailstock'
    ? { name: 'quill', wheel: machine.quillWheel }
    : { name: 'table', wheel: machine.tableWheel };
}

/** Largest lever not far above the wanted feed and never above the limit; the finest when none is. */
function nearestLever(steps: readonly FeedStep[], wanted: number, limit: number): number {
  let best = 0;
  steps.forEach((step, i) => {
    if (step.value <= Math.min(wanted * LEVER_OVER, limit) * (1 + 1e-9)) best = i;
  });
  return best;
}

/** Field by field: a plan is made at every touch, and a spread is many times slower. */
const chosen = (
  { wantedMmRev, baseMm, lowMmRev, highMmRev, turning, tooth, chart }: FeedStart,
  setting: FeedSetting,
  mmRev: number,
  rpm: number,
  byHandChoice: boolean,
  isRubbing: boolean,
): FeedChoice => ({
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

/** Turns the wanted feed into what this machine can be set to at a spindle speed. */
export function chooseFeed(
  setup: CutSetup,
  start: FeedStart,
  rpm: number,
  edge: ToolMaterial,
  depthMm: number,
  widthMm: number | null,
): FeedChoice {
  if (start.chart === 'pitch' || start.chart === 'file') {
    const setting: FeedSetting =
      start.chart === 'pitch'
        ? { how: 'screw', pitchMm: start.baseMm }
        : { how: 'strokes', perMin: FILE_STROKES };
    return chosen(start, setting, start.wantedMmRev, rpm, false, false);
  }
  const steps = usableFeeds(setup);
  const perMinute = isMill(setup.machine);
  const toStepUnit = perMinute ? rpm : 1;
  let mmRev = start.wantedMmRev;
  let setting: FeedSetting;
  let byHandChoice = false;
  if (steps.length > 0) {
    const wished =
      setup.feedByHand === null
        ? -1
        : steps.findIndex((step) => Math.abs(step.value - (setup.feedByHand as number)) < 1e-9);
    byHandChoice = wished >= 0;
    const index = byHandChoice
      ? wished
      : nearestLever(steps, start.wantedMmRev * toStepUnit, start.highMmRev * toStepUnit);
    const step = steps[index] as FeedStep;
    mmRev = step.value / toStepUnit;
    setting = {
      how: 'lever',
      per: perMinute ? 'min' : feedPer(setup),
      value: step.value,
      setting: step.setting,
      below: steps[index - 1] ?? null,
      above: steps[index + 1] ?? null,
    };
  } else {
    const { name, wheel } = wheelFor(setup);
    const fastest = (60 * wheel.travelPerTurnMm) / HAND_CAN_FOLLOW_S.fastest;
    const handIsLimit = mmRev * rpm > fastest;
    if (handIsLimit) mmRev = fastest / rpm;
    const { secondsPerTurn } = handFeed(mmRev * rpm, wheel.travelPerTurnMm, wheel.divisions);
    setting = {
      how: 'hand',
      wheel: name,
      secondsPerTurn,
      travelPerTurnMm: wheel.travelPerTurnMm,
      divisions: wheel.divisions,
      handIsLimit,
    };
  }
  return chosen(start, setting, mmRev, rpm, byHandChoice, rubs(setup, start, mmRev, edge, depthMm, widthMm));
}

function rubs(
  setup: CutSetup,
  start: FeedStart,
  mmRev: number,
  edge: ToolMaterial,
  depthMm: number,
  widthMm: number | null,
): boolean {
  if (start.turning) return mmRev < start.turning.feedLowerMmRev * (1 - 1e-9);
  if (!start.tooth) return false;
  const hMin = (edge.minChipRatio * edge.edgeRadiusUm) / 1000;
  if (cuttingOf(setup) === 'plunging') return mmRev / start.tooth.teeth < 2 * hMin;
  return (
    toothChip(setup.tool.diameterMm, engagement(setup, depthMm, widthMm).aeMm, mmRev / start.tooth.teeth)
      .maxChipMm
    < 2 * hMin
  );
}
