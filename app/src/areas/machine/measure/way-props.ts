import type { MachineBody } from '@pike-stone/contract';
import type { TakenMeasure } from './measures';

/** What a way to measure a speed is told, and where its measure goes. */
export interface WayProps {
  readonly onTake: (measure: Omit<TakenMeasure, 'step'>) => void;
  /** What the table says of the step that is set. */
  readonly rpm: number;
  readonly drive: MachineBody['drive'];
}
