import type { ToolBody } from '@pike-stone/contract';
import { MACHINE_OPERATIONS, type OperationKey } from '@pike-stone/core';
import { useDraft } from './draft';
import { changed, type Drawer } from './set-up';
import { useCut } from './useCut';

/** The machine of a set-up where it does an operation, else the first of the drawer that does; null when none does. */
export const machineFor = (operation: OperationKey, machineId: string, drawer: Drawer): string | null => {
  const able = drawer.machines.filter(
    ({ archived, body }) => !archived && MACHINE_OPERATIONS[body.kind].includes(operation),
  );
  return (able.find(({ id }) => id === machineId) ?? able[0])?.id ?? null;
};

/**
 * Sets a cut up with a tool, on a machine that does its operation. The tool may have been kept a moment
 * ago: no list has it yet.
 *
 * @returns null while nothing is set up, or when no machine of the drawer does the operation
 */
export function useCutWith(operation: OperationKey) {
  const { cut, refused, drawer } = useCut();
  const set = useDraft((state) => state.set);
  const choice = (cut ?? refused)?.choice;
  const machineId = choice ? machineFor(operation, choice.machineId, drawer) : null;
  if (!choice || machineId === null) return null;
  return (tool: { readonly id: string; readonly body: ToolBody }): void => {
    const tools = [...drawer.tools.filter(({ id }) => id !== tool.id), { ...tool, archived: false }];
    set(changed(choice, { machineId, operation, toolId: tool.id }, { ...drawer, tools }));
  };
}
