import type { Drive, DriveDoubt, DriveSpeed, DriveStage } from '@pike-stone/core/drive';

const BACK_GEAR = ['out', 'in'];
const MOTOR = ['motor slow', 'motor fast'];

/** Name of a part of the drive. */
export const stageName = (stage: DriveStage): string =>
  stage.kind === 'back-gear' ? 'Back gear' : stage.name;

/** What one setting of a part is marked with: the number of a pair, a lever's letter, in or out. */
export function optionLabel(stage: DriveStage, option: number): string {
  switch (stage.kind) {
    case 'belt':
      return String(option + 1);
    case 'lever':
      return stage.positions[option]?.name ?? '';
    case 'back-gear':
      return BACK_GEAR[option] ?? '';
    case 'variable':
      return '';
  }
}

/** What one part is set to; nothing where it has one setting only. A variable drive is set by the speed itself. */
function partWords(stage: DriveStage, option: number, rpm: number): string {
  switch (stage.kind) {
    case 'belt':
      return stage.pairs.length > 1 ? `${stage.name} ${optionLabel(stage, option)}` : '';
    case 'lever':
    case 'back-gear':
      return `${stageName(stage)} ${optionLabel(stage, option)}`;
    case 'variable':
      return `${stage.name} at ${Math.round(rpm)}`;
  }
}

/** What each part of a drive is set to for one speed, the motor first; nothing for a part with one setting. */
export const settingParts = (
  { motorRpm, stages }: Drive,
  { at: [motor = 0, ...options], rpm }: Pick<DriveSpeed, 'at' | 'rpm'>,
): readonly string[] => [
  motorRpm.length > 1 ? (MOTOR[motor] ?? '') : '',
  ...stages.map((stage, i) => partWords(stage, options[i] ?? 0, rpm)),
];

/** How a drive is set for one speed: "Belt 2, back gear in". */
export function settingWords(drive: Drive, position: Pick<DriveSpeed, 'at' | 'rpm'>): string {
  const said = settingParts(drive, position).filter(Boolean);
  if (said.length === 0) return 'One speed';
  return said
    .map((part, i) => (i === 0 ? part.charAt(0).toUpperCase() : part.charAt(0).toLowerCase()) + part.slice(1))
    .join(', ');
}

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
