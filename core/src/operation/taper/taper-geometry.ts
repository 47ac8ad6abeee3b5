import { DEG } from '../../quantity/angle';
import type { TurningTool } from '../../tool/tool';
import type { Job } from '../job';

/** A self-holding taper of a machine part when no other is said: 1 in 20. */
const USUAL_HALF_DEG = Math.atan(1 / 40) / DEG;

/** Ways to turn a taper; the compound slide is the usual one. */
export const TAPER_WAYS = ['compound', 'set-over', 'offset-head'] as const;
export type TaperWay = (typeof TAPER_WAYS)[number];

export const taperWay = ({ way }: Pick<Job, 'way'>): TaperWay =>
  TAPER_WAYS.find((one) => one === way) ?? 'compound';

/** Half angle as typed, else of 1 in 20, degrees. */
export const taperHalfDeg = ({ angleDeg }: Pick<Job, 'angleDeg'>): number => angleDeg ?? USUAL_HALF_DEG;

/** Length along the axis as typed, else half of what stands out, mm. */
export const taperLengthMm = ({ lengthMm, stickOutMm }: Pick<Job, 'lengthMm' | 'stickOutMm'>): number =>
  lengthMm ?? stickOutMm / 2;

/** Small end of a taper: D - 2 L tan(half angle), nought when it runs out to a point, mm. */
export const smallEndMm = (job: Job<TurningTool>): number =>
  Math.max(0, job.workDiameterMm - 2 * taperLengthMm(job) * Math.tan(taperHalfDeg(job) * DEG));
