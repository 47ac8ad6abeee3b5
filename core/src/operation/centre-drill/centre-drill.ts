import { drillFeed } from '../../mechanics/drill-feed';
import { DEG } from '../../quantity/angle';
import type { CentreDrill } from '../../tool/tool';
import { chartedFeed } from '../charted-feed';
import { setByTool } from '../depth-start';
import { axialLoad, drilled, handFed, POINT_DEG, pointOf } from '../family/drilled';
import { holeInWork } from '../misfit';
import type { Operation } from '../operation';
import { CONE_INCLUDED_DEG, centreHoleDepth, centreHoleDiameter } from './centre-hole';

/** The pilot breaks first: fed at this share of a drill as thick as it. */
const PILOT_SHARE = 0.5;

/** A 60° seat for a centre, or a start for a drill. */
export const centreDrill: Operation<CentreDrill> = {
  ...drilled,
  ...axialLoad<CentreDrill>(({ tool }, { diameterMm }) => ({
    diameterMm,
    pilotMm: 0,
    pointAngleDeg: CONE_INCLUDED_DEG,
    point: pointOf(tool.diameterMm),
  })),
  tool: 'centre-drill',
  cutting: 'drilling',
  speedColumn: 'drilling',
  usualStickOutMm: 40,
  caution: 'pilot',
  rimDiameterMm: ({ tool }) => centreHoleDiameter(tool),
  startDepth: ({ tool }) => setByTool(centreHoleDepth(tool)),
  depthFactors: (job) => handFed(job),
  misfits: ({ machine, tool, workDiameterMm }) =>
    machine.kind === 'lathe' ? holeInWork(centreHoleDiameter(tool), workDiameterMm) : [],
  startFeed: ({ tool }, { metal, factors }) => {
    const { lowMmRev, feedMmRev, highMmRev } = drillFeed(metal, tool.diameterMm);
    return chartedFeed(
      'centre',
      [PILOT_SHARE * lowMmRev, PILOT_SHARE * feedMmRev, PILOT_SHARE * highMmRev],
      factors.feedFactor,
    );
  },
  chipThicknessMm: (_job, { feed }) => (feed.mmRev / 2) * Math.sin((POINT_DEG / 2) * DEG),
  passLengthMm: (_job, { depth }) => depth.mm,
};
