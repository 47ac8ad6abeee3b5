import { dialReading, type Dial } from '@pike-stone/core';

/** Divisions to the half, as a collar can be read. */
export const formatDivisions = (divisions: number): string => String(Math.round(divisions * 2) / 2);

/** "1 turn and 18 divisions": the dial from its zero at touch-off. */
export function sayDial(dial: Dial, mm: number): string {
  const { wholeTurns, extraDivisions } = dialReading(dial, mm);
  const rest = `${formatDivisions(extraDivisions)} divisions`;
  return wholeTurns === 0 ? rest : `${wholeTurns} ${wholeTurns === 1 ? 'turn' : 'turns'} and ${rest}`;
}
