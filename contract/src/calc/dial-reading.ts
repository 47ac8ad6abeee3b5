import { dialReading } from '@pike-stone/core';
import * as z from 'zod';
import { figure, oneOf, yesNo, optional, result } from './schema';
import { topic } from './topic';

export const dialReadingTopic = topic({
  input: z.strictObject({
    travel_mm: figure,
    travel_per_turn_mm: figure,
    divisions: figure,
    dial_reads: optional(oneOf(['radius', 'diameter'])),
    start_division: optional(figure),
    backlash_mm: optional(figure),
    reverses: optional(yesNo),
  }),
  output: z.strictObject({
    division_marked_mm: result,
    total_divisions: result,
    whole_turns: result,
    extra_divisions: result,
    end_division: result,
    diameter_change_mm: result,
  }),
  run: (i) => {
    const dial = {
      travelPerTurnMm: i.travel_per_turn_mm,
      divisions: i.divisions,
      reads: i.dial_reads ?? 'radius',
      backlashMm: i.backlash_mm ?? 0,
    };
    const r = dialReading(dial, i.travel_mm, i.start_division, i.reverses);
    return {
      division_marked_mm: r.divisionMarkedMm,
      total_divisions: r.totalDivisions,
      whole_turns: r.wholeTurns,
      extra_divisions: r.extraDivisions,
      end_division: r.endDivision,
      diameter_change_mm: r.diameterChangeMm,
    };
  },
});
