import { type MachineBody } from '@pike-stone/contract';
import { speedTable, type SpeedTable } from '@pike-stone/core/drive';
import { settingWords } from '@pike-stone/words/drive';
import { type DriveDraft } from './drive-draft';

export const motorFits = (motor: NonNullable<MachineBody['motor']>): boolean =>
  motor.powerKw > 0 && motor.efficiency > 0;

/** The speed table; null when the drive has more speeds than a table can hold. */
export function tableOf({ drive, measures, motor }: DriveDraft): SpeedTable | null {
  try {
    return speedTable(drive, measures, (position) => settingWords(drive, position), motor);
  } catch {
    return null;
  }
}
