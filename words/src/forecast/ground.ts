import { groundRakeDeg, type GroundAngle, type Tool } from '@pike-stone/core';
import { formatAngle } from '../format';

const NAMES: Readonly<Record<GroundAngle, string>> = {
  sideRakeDeg: 'side rake',
  backRakeDeg: 'back rake',
  sideClearanceDeg: 'side clearance',
  frontClearanceDeg: 'front clearance',
};

/** The angles of a hand-ground tool that a result is told with: "side rake 12° as measured"; null for another. */
export function sayGround(tool: Tool): string | null {
  const ground = 'ground' in tool ? tool.ground : undefined;
  const rake = groundRakeDeg(tool);
  if (!ground || rake === undefined) return null;
  const one = (angle: 'sideRakeDeg' | 'backRakeDeg'): string =>
    `${NAMES[angle]} ${formatAngle(ground[angle], 1)}${ground.measured.includes(angle) ? ' as measured' : ' as planned'}`;
  return `Rake ${formatAngle(rake, 1)} where the chip flows: ${one('sideRakeDeg')}, ${one('backRakeDeg')}.`;
}

/** A chip breaker is ground into the tool. */
export const grooved = (tool: Tool): boolean => 'ground' in tool && tool.ground?.groove !== undefined;
