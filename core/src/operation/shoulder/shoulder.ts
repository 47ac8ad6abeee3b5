import type { TurningTool } from '../../tool/tool';
import { turnedOutside } from '../family/turned-outside';
import type { Finding } from '../finding';
import type { Job } from '../job';
import type { Operation } from '../operation';

/** Under this angle of the lead edge a shoulder comes out sloping. */
const SQUARE_DEG = 90;

/** From the free end to the shoulder: as typed, else half of what stands out, mm. */
export const shoulderLengthMm = (job: Job<TurningTool>): number => job.lengthMm ?? job.stickOutMm / 2;

function findings({ tool }: Job<TurningTool>): Finding[] {
  const slope: Finding[] =
    tool.approachDeg < SQUARE_DEG
      ? [{ code: 'shoulder-slope', level: 'caution', approachDeg: tool.approachDeg }]
      : [];
  return [...slope, { code: 'shoulder-corner', level: 'note', noseMm: tool.noseRadiusMm }];
}

/** Along the bar to a square step. */
export const shoulder: Operation<TurningTool> = {
  ...turnedOutside,
  asks: { lengthMm: shoulderLengthMm },
  usualStickOutMm: 60,
  caution: null,
  passLengthMm: shoulderLengthMm,
  findings,
};
