import { beltMoves } from '@pike-stone/core/drive';
import * as z from 'zod';
import { figure, word, optional, result } from './schema';
import { topic } from './topic';

export const beltMovesTopic = topic({
  heavy: true,
  input: z
    .strictObject({
      positions: z
        .array(z.object({ id: word, rpm: figure, settings: z.record(word, z.union([word, figure])) }))
        .min(1)
        .max(30, 'No more than 30.'),
      operations: z
        .array(
          z.object({ id: word, rpm_min: figure, rpm_max: figure, after: z.array(word).max(12).optional() }),
        )
        .min(1)
        .max(12, 'No more than 12.'),
      costs: z.record(word, figure),
      start: optional(word.nullable()),
    })
    .superRefine(({ positions, operations, start }, context) => {
      const unknown = (list: readonly { readonly id: string }[], id: string) =>
        !list.some((one) => one.id === id);
      if (typeof start === 'string' && unknown(positions, start))
        context.addIssue({ code: 'custom', path: ['start'], message: `No position is called ${start}.` });
      operations.forEach(({ after = [] }, i) =>
        after.forEach((id, j) => {
          if (unknown(operations, id))
            context.addIssue({
              code: 'custom',
              path: ['operations', i, 'after', j],
              message: `No operation is called ${id}.`,
            });
        }),
      );
    }),
  output: z.strictObject({
    feasible: z.boolean(),
    total_cost: result.optional(),
    position_changes: result.optional(),
    impossible: z.array(z.string()).readonly().optional(),
  }),
  run: (i) => {
    const r = beltMoves(
      i.positions,
      i.operations.map((o) => ({ id: o.id, rpmMin: o.rpm_min, rpmMax: o.rpm_max, after: o.after ?? [] })),
      i.costs,
      i.start ?? null,
    );
    return r.feasible
      ? { feasible: true, total_cost: r.totalCost, position_changes: r.positionChanges }
      : { feasible: false, impossible: r.impossible };
  },
});
