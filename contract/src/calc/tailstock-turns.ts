import { tailstockTurns } from '@pike-stone/core';
import * as z from 'zod';
import { figure, optional, result } from './schema';
import { topic } from './topic';

export const tailstockTurnsTopic = topic({
  input: z.strictObject({
    full_depth_mm: figure,
    diameter_mm: figure,
    point_angle_deg: figure,
    travel_per_turn_mm: figure,
    divisions: optional(figure),
  }),
  output: z.strictObject({
    travel_mm: result,
    turns: result,
    whole_turns: result,
    turn_rest: result,
    extra_divisions: result.optional(),
  }),
  run: (i) => {
    const r = tailstockTurns(
      i.full_depth_mm,
      i.diameter_mm,
      i.point_angle_deg,
      i.travel_per_turn_mm,
      i.divisions,
    );
    return {
      travel_mm: r.travelMm,
      turns: r.turns,
      whole_turns: r.wholeTurns,
      turn_rest: r.rest,
      extra_divisions: r.extraDivisions ?? undefined,
    };
  },
});
