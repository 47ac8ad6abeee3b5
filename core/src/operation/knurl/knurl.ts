import type { KnurlingTool } from '../../tool/tool';
import { chartedFeed } from '../charted-feed';
import { setByTool } from '../depth-start';
import { toDialStep } from '../depth-step';
import { crossSlide } from '../family/turned-outside';
import { uncut } from '../family/uncut';
import type { Job } from '../job';
import { pitchTooCoarse } from '../misfit';
import type { Operation } from '../operation';
import { wholeIn } from '../../quantity/whole';

const USUAL_PITCH_MM = 1;
/** Depth of a knurl over its pitch. */
const DEPTH_SHARE = 0.35;
/** Feed of a knurl over its pitch: coarser leaves a spiral, finer works the rim to flakes. */
const FEED_SHARE = { least: 0.25, start: 0.5, most: 1 } as const;
const FEWEST_TEETH = 3;
/** A blank this much too large is still right, mm. */
const BLANK_SLACK_MM = 0.02;

/** Pitch as typed, else 1 mm. */
export const knurlPitchMm = ({ pitchMm }: Pick<Job, 'pitchMm'>): number => pitchMm ?? USUAL_PITCH_MM;

/**
 * A knurl closes when the blank's rim is a whole number of pitches: the largest
 * such blank that the bar gives.
 *
 * @example knurlBlank(25, 1) // 78 teeth on 24.83 mm
 */
export function knurlBlank(
  diameterMm: number,
  pitchMm: number,
): { readonly teeth: number; readonly diameterMm: number } {
  const teeth = Math.max(FEWEST_TEETH, wholeIn((Math.PI * diameterMm) / pitchMm));
  return { teeth, diameterMm: (teeth * pitchMm) / Math.PI };
}

/** A grip pressed into the rim. */
export const knurl: Operation<KnurlingTool> = {
  ...uncut,
  tool: 'knurling-tool',
  cutting: 'pressing',
  speedColumn: 'threading',
  asks: { pitchMm: knurlPitchMm },
  usualStickOutMm: 50,
  caution: 'knurling',
  feeding: () => 'along',
  depthDial: crossSlide,
  startDepth: (job) => setByTool(toDialStep(DEPTH_SHARE * knurlPitchMm(job), crossSlide(job.machine))),
  startFeed: (job) => {
    const pitch = knurlPitchMm(job);
    const { least, start, most } = FEED_SHARE;
    return chartedFeed('knurl', [least * pitch, start * pitch, most * pitch]);
  },
  misfits: (job) => pitchTooCoarse(knurlPitchMm(job), job.workDiameterMm),
  findings: (job) => {
    const blankMm = knurlBlank(job.workDiameterMm, knurlPitchMm(job)).diameterMm;
    return job.workDiameterMm - blankMm > BLANK_SLACK_MM
      ? [{ code: 'knurl-blank', level: 'note', blankMm }]
      : [];
  },
};
