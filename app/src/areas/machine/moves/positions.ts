import type { MachineBody } from '@pike-stone/contract';
import { CHANGE_COSTS, changeCosts, driveSpeeds, type DrivePosition } from '@pike-stone/core/drive';

export interface Costs {
  readonly belt: number;
  readonly gear: number;
  readonly switch: number;
}
export const USUAL_COSTS: Costs = CHANGE_COSTS;

/** A position of the drive for the search, with the words that name it. */
export interface NamedPosition extends DrivePosition {
  readonly words: string;
  /** Indices of its options in the drive; missing on a machine without a drive. */
  readonly at: readonly number[] | null;
}

/**
 * Every speed of a machine as its settings. Without a drive the words of the list
 * are taken apart at their commas: "Belt 2, back gear in" is a belt and a gear.
 */
export function positionsOf(machine: MachineBody): readonly NamedPosition[] {
  if (machine.drive) {
    const drive = driveSpeeds(machine.drive);
    return machine.speeds.flatMap((step) => {
      const known = drive.find(({ id }) => id === step.position);
      return known
        ? [{ id: known.id, rpm: step.rpm, settings: known.settings, words: step.setting, at: known.at }]
        : [];
    });
  }
  return machine.speeds.map((step) => ({
    id: step.setting,
    rpm: step.rpm,
    words: step.setting,
    at: null,
    settings: Object.fromEntries(
      step.setting.split(',').map((part, i) => [`${i} ${nameOf(part)}`, part.trim().toLowerCase()]),
    ),
  }));
}

/** "Belt 2" and "belt 3" are one setting called belt; "back gear in" and "direct" take turns at one place. */
const nameOf = (part: string): string => (/belt/i.test(part) ? 'belt' : 'gear');

export function costsOf(
  machine: MachineBody,
  positions: readonly NamedPosition[],
  costs: Costs,
): Record<string, number> {
  if (machine.drive) return changeCosts(machine.drive, costs);
  const names = new Set(positions.flatMap(({ settings }) => Object.keys(settings)));
  return Object.fromEntries(
    [...names].map((name) => [name, name.endsWith('belt') ? costs.belt : costs.gear]),
  );
}
