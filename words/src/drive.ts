import type { Drive, DriveDoubt } from '@pike-stone/core/drive';
import { stageName } from '@pike-stone/core/drive';

/** What contradicts what in a drive, and what to do about it. */
export function driveDoubtWords({ stages }: Drive, doubt: DriveDoubt): string {
  if (doubt.is === 'gears-speed-up')
    return 'These gears would make the spindle faster. Driving gears are counted from the cone.';
  const percent = Math.round(Math.abs(doubt.longer) * 100);
  return (
    `${stageName(stages[doubt.stage]!)} ${doubt.pair + 1}: both pulleys together are ${percent} % `
    + `${doubt.longer > 0 ? 'more' : 'less'} than on the other steps. One belt would not fit all: measure again.`
  );
}
