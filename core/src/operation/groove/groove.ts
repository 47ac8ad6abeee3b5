import type { PartingBlade } from '../../tool/tool';
import { setByTool } from '../depth-start';
import { bladeFeed, broadEdge, lighterBlade } from '../family/broad-edge';
import { crossSlide } from '../family/turned-outside';
import { narrowerThanBlade, pastCentre } from '../misfit';
import type { Operation } from '../operation';
import { bladeWidthMm } from '../part/part';
import { wholeOver } from '../../quantity/whole';

/** A groove to start with, mm on the radius, and the most of a thin bar. */
const START_MM = 2;
const MOST_SHARE = 1 / 4;
/** Deeper than so many times its blade is wide the chips jam. */
const DEEP_TIMES = 4;
/** Neighbouring plunges overlap by this share of the blade. */
const OVERLAP = 0.15;

/**
 * How often a blade goes in side by side for a groove.
 * @example groovePlunges(2, 5) // 3
 */
export const groovePlunges = (bladeMm: number, grooveMm: number): number =>
  grooveMm <= bladeMm * 1.001 ? 1 : 1 + wholeOver((grooveMm - bladeMm) / (bladeMm * (1 - OVERLAP)));

/** Straight in, between two walls. */
export const groove: Operation<PartingBlade> = {
  ...broadEdge<PartingBlade>('groove', bladeWidthMm),
  tool: 'parting-blade',
  usualStickOutMm: 20,
  standsOut: 'blade',
  depthOnRadius: true,
  diameterChange: 'smaller',
  stepUpsDownTo: 0.3,
  leadsTo: [],
  caution: 'grooving',
  depthDial: crossSlide,
  startDepth: (job) =>
    setByTool(
      Math.min(START_MM, job.workDiameterMm * MOST_SHARE),
      Math.max(job.widthMm ?? 0, bladeWidthMm(job)),
    ),
  // Never narrower than its blade.
  chosenWidthMm: ({ widthMm }, startMm) => Math.max(startMm, widthMm ?? startMm),
  startFeed: bladeFeed,
  lighter: lighterBlade(bladeWidthMm),
  misfits: (job) => [
    ...pastCentre(job.depthMm, job.workDiameterMm),
    ...narrowerThanBlade(job.widthMm, bladeWidthMm(job)),
  ],
  findings: (job, { depth }) => {
    const mostMm = DEEP_TIMES * bladeWidthMm(job);
    return depth.mm > mostMm ? [{ code: 'groove-deep', level: 'caution', mostMm }] : [];
  },
};
