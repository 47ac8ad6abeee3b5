import type { Reamer } from '../../tool/tool';
import { setByTool } from '../depth-start';
import { axialLoad, drilled, drillingFeed, POINT_DEG, pointOf } from '../family/drilled';
import { milledPassMm } from '../family/milled';
import type { Operation } from '../operation';

/** Feed of a reamer over that of a drill of its size: too slow a reamer rubs and cuts large. */
const TIMES = { least: 2, start: 2.5, most: 3 } as const;

/** What is left for a reamer on the diameter: 0.1 mm and a hundredth of it, mm. */
const reamAllowanceMm = (diameterMm: number): number => 0.1 + 0.01 * diameterMm;

/** A hole to size. */
export const ream: Operation<Reamer> = {
  ...drilled,
  ...axialLoad<Reamer>(({ tool }, { diameterMm, depth }) => ({
    diameterMm,
    pilotMm: tool.diameterMm - 2 * depth.mm,
    pointAngleDeg: POINT_DEG,
    point: pointOf(tool.diameterMm),
  })),
  tool: 'reamer',
  cutting: 'reaming',
  speedColumn: 'reaming',
  usualStickOutMm: 60,
  caution: 'reaming',
  rimDiameterMm: ({ tool }) => tool.diameterMm,
  startDepth: ({ tool }) => setByTool(reamAllowanceMm(tool.diameterMm) / 2),
  startFeed: drillingFeed(
    'ream',
    TIMES.start,
    (feed) => TIMES.least * feed.feedMmRev,
    (feed) => TIMES.most * feed.feedMmRev,
  ),
  chipThicknessMm: ({ tool }, { feed }) => feed.mmRev / Math.max(1, tool.teeth),
  passLengthMm: milledPassMm,
};
