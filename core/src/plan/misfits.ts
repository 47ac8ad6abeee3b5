import { DoesNotFit, type Misfit } from '../operation/misfit';
import { MACHINE_OPERATIONS, operationOf, type CutSetup } from '../operation/registry';

/** Choices of a set-up that cannot go together, each at its field; empty for one that can be planned. */
export function misfits(setup: CutSetup): readonly Misfit[] {
  const { kind } = setup.machine;
  if (!MACHINE_OPERATIONS[kind].includes(setup.operation))
    return [{ code: 'not-on-machine', field: 'operation', machine: kind }];
  return operationOf(setup).misfits?.(setup) ?? [];
}

/** @throws DoesNotFit with the first misfit of a set-up that has one */
export function checkFit(setup: CutSetup): void {
  const [first] = misfits(setup);
  if (first) throw new DoesNotFit(first);
}
