import type { Dial } from '@pike-stone/core';
import type { UnitSystem } from '@pike-stone/words';
import type { SizeState } from './size-job';

/** What every part of the page is told: the job as it stands, on which dial, how a size is said. */
export interface PartProps {
  readonly state: SizeState;
  readonly dial: Dial;
  readonly sign: string;
  readonly units: UnitSystem;
}
