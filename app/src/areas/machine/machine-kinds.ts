import type { MachineKind } from '@pike-stone/core';
import { capital, MACHINE_WORDS } from '@pike-stone/words';

/** Every kind of machine, as choices. */
export const MACHINE_KINDS = (Object.keys(MACHINE_WORDS) as MachineKind[]).map((value) => ({
  value,
  label: capital(MACHINE_WORDS[value]),
}));
