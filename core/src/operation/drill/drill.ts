import type { Material } from '../../material/material';
import type { FactorName } from '../../mechanics/factor-chain';
import { DEG } from '../../quantity/angle';
import type { Drill } from '../../tool/tool';
import type { CutPlan } from '../cut-plan';
import {
  axialLoad,
  drilled,
  drillingFeed,
  handFed,
  lighterDrill,
  POINT_DEG,
  pointOf,
} from '../family/drilled';
import type { Finding } from '../finding';
import type { Job } from '../job';
import type { Operation } from '../operation';

/** A drill goes this many diameters deep before the chips must be cleared; fewer where they stick. */
const DIAMETERS = { usual: 3, sticky: 1.5 } as const;
/** From this many diameters on it is drawn out each diameter. */
const OFTEN_FROM = 4;
/** Diameters from which chips and fluid hardly pass each other any more, with a tolerance for rounded sizes. */
const DEEP = { from: 4 * 1.001, veryFrom: 6 * 1.001 } as const;

/** Stainless steel, copper and soft aluminium stick in the flutes. */
const sticks = ({ drillGroup, chipCharacter }: Material): boolean =>
  drillGroup === 'stainless' || chipCharacter === 'gummy';

/** Diameters deep before the chips are cleared for the first time. */
const firstClearing = (metal: Material): number => (sticks(metal) ? DIAMETERS.sticky : DIAMETERS.usual);

function deepFactor(ratio: number): readonly FactorName[] {
  if (ratio > DEEP.veryFrom) return ['very-deep-hole'];
  return ratio > DEEP.from ? ['deep-hole'] : [];
}

/** When the drill must be drawn out. */
function findings({ tool }: Job<Drill>, { depth, metal }: CutPlan): Finding[] {
  const { diameterMm } = tool;
  const first = firstClearing(metal);
  if (depth.mm <= first * diameterMm * 1.001) return [];
  const every = sticks(metal) ? DIAMETERS.sticky : 1;
  const often = sticks(metal) ? first : OFTEN_FROM;
  return [
    {
      code: 'peck',
      level: 'note',
      firstMm: first * diameterMm,
      oftenFromMm: often * diameterMm,
      everyMm: every * diameterMm,
    },
  ];
}

/** A depth is told to the half millimetre, and is never less. */
const toHalf = (mm: number): number => Math.max(0.5, Math.floor(mm * 2 + 1e-6) / 2);

/** A twist drill into solid metal. */
export const drill: Operation<Drill> = {
  ...drilled,
  ...axialLoad<Drill>(({ tool }, { diameterMm }) => ({
    diameterMm,
    pilotMm: 0,
    pointAngleDeg: POINT_DEG,
    point: pointOf(tool.diameterMm),
  })),
  tool: 'drill',
  cutting: 'drilling',
  speedColumn: 'drilling',
  usualStickOutMm: 80,
  caution: 'hold-work',
  rimDiameterMm: ({ tool }) => tool.diameterMm,
  startDepth: ({ tool }, { metal }) => {
    const wantedMm = tool.diameterMm * firstClearing(metal);
    return { wantedMm, factor: 1, startMm: toHalf(wantedMm), reason: 'own', widthMm: null };
  },
  depthFactors: (job, depthMm) => [...handFed(job), ...deepFactor(depthMm / job.tool.diameterMm)],
  lighter: lighterDrill,
  startFeed: drillingFeed(
    'drill',
    1,
    (feed) => feed.lowMmRev,
    (feed) => feed.highMmRev,
  ),
  chipThicknessMm: (_job, { feed }) => (feed.mmRev / 2) * Math.sin((POINT_DEG / 2) * DEG),
  passLengthMm: (_job, { depth }) => depth.mm,
  findings,
};
