import { feedPerTooth } from '../../mechanics/feed-per-tooth';
import type { EndMill } from '../../tool/tool';
import { setByTool } from '../depth-start';
import { axialLoad, drilled, lighterDrill } from '../family/drilled';
import { centreFindings } from '../family/end-milled';
import { HAND_FEED_CAP, POWER_FEED_CAP, toothFeed } from '../family/milled';
import type { Operation } from '../operation';

/** Diameters deep before the chips are lifted out. */
const DIAMETERS = 0.5;
/** An end mill cuts flat, degrees. */
const FLAT_DEG = 180;

/** Straight down with an end mill. */
export const plunge: Operation<EndMill> = {
  ...drilled,
  ...axialLoad<EndMill>(({ tool }) => ({
    diameterMm: tool.diameterMm,
    pilotMm: 0,
    pointAngleDeg: FLAT_DEG,
    point: 'thinned',
  })),
  tool: 'end-mill',
  cutting: 'plunging',
  speedColumn: 'milling',
  endMillCut: 'plunge',
  usualStickOutMm: 30,
  standsOut: 'cutter',
  caution: 'plunging',
  rimDiameterMm: ({ tool }) => tool.diameterMm,
  lighter: lighterDrill,
  misfits: () => [],
  startDepth: ({ tool }) => setByTool(Math.max(0.5, Math.round(tool.diameterMm * DIAMETERS * 2) / 2)),
  startFeed: ({ tool, machine }, { metal, edge, factors }) =>
    toothFeed(
      tool.teeth,
      feedPerTooth(metal, edge, 'plunge', tool.diameterMm),
      1,
      machine.feeds.length > 0 ? POWER_FEED_CAP : HAND_FEED_CAP,
      factors.feedFactor,
      edge,
    ),
  chipThicknessMm: ({ tool }, { feed }) => feed.mmRev / Math.max(1, tool.teeth),
  toothChipMm: (_job, fzMm) => fzMm,
  passLengthMm: (_job, { depth }) => depth.mm,
  findings: (job) => centreFindings(job, false),
};
