import { DEG } from '../../quantity/angle';
import type { Drill } from '../../tool/tool';
import { setByTool } from '../depth-start';
import { axialLoad, drilled, drillingFeed, POINT_DEG, pointOf } from '../family/drilled';
import type { Operation } from '../operation';

/** A drill goes this many diameters deep before the chips must be cleared. */
const DIAMETERS = 3;
/** A depth is told to the half millimetre, and is never less. */
const toHalf = (mm: number): number => Math.max(0.5, Math.round(mm * 2) / 2);

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
  startDepth: ({ tool }) => ({
    ...setByTool(toHalf(tool.diameterMm * DIAMETERS)),
    wantedMm: tool.diameterMm * DIAMETERS,
  }),
  startFeed: drillingFeed(
    'drill',
    1,
    (feed) => feed.lowMmRev,
    (feed) => feed.highMmRev,
  ),
  chipThicknessMm: (_job, { feed }) => (feed.mmRev / 2) * Math.sin((POINT_DEG / 2) * DEG),
  passLengthMm: (_job, { depth }) => depth.mm,
  findings: ({ tool }, { depth }) =>
    depth.mm > DIAMETERS * tool.diameterMm ? [{ code: 'peck', level: 'note' }] : [],
};
