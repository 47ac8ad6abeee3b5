import { dialTurns } from '@pike-stone/core';
import * as z from 'zod';
import { figure, oneOf, result } from './schema';
import { topic } from './topic';

export const dialTurnsTopic = topic({
  input: z.strictObject({
    screw_pitch_mm: figure,
    dial_divisions: figure,
    move_mm: figure,
    move_on: oneOf(['radius', 'diameter']),
    dial_reads: oneOf(['radius', 'diameter']),
  }),
  output: z.strictObject({
    turns: result,
    full_turns: result,
    divisions_exact: result,
    division_line: result,
    travel_per_division_mm: result,
    marked_per_division_mm: result,
    rounding_error_um: result,
  }),
  run: (i) => {
    const r = dialTurns(i.screw_pitch_mm, i.dial_divisions, i.move_mm, i.move_on, i.dial_reads);
    return {
      turns: r.turns,
      full_turns: r.fullTurns,
      divisions_exact: r.divisionsExact,
      division_line: r.divisionLine,
      travel_per_division_mm: r.travelPerDivisionMm,
      marked_per_division_mm: r.markedPerDivisionMm,
      rounding_error_um: r.roundingErrorUm,
    };
  },
});
