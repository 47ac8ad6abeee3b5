import type { MachineBody } from '@pike-stone/contract';
import type { TakenMeasure } from './measures';

/** Props of every way to measure a speed. */
export interface WayProps {
  readonly onTake: (measure: Omit<TakenMeasure, 'step'>) => void;
  /** Speed of the step in use by the table, rpm. */
  readonly rpm: number;
  readonly drive: MachineBody['drive'];
}
