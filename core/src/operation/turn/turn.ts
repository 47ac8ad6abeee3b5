import type { TurningTool } from '../../tool/tool';
import { turnedOutside } from '../family/turned-outside';
import type { Operation } from '../operation';

/** The outside of a bar, along it. */
export const turn: Operation<TurningTool> = {
  ...turnedOutside,
  usualStickOutMm: 60,
  caution: null,
  passLengthMm: (job) => job.stickOutMm,
  findings: () => [],
};
