import * as z from 'zod';
import { cutChoice } from '../record/cut';
import { machineBody } from '../record/machine';
import { metalBody } from '../record/metal';
import { rulesBody } from '../record/rules';
import { stockBody } from '../record/stock';
import { toolBody } from '../record/tool';

/** A whole cut from the records it is made of: nothing is looked up, everything is in the question. */
export const wholeCut = z.strictObject({
  machine: machineBody,
  stock: stockBody,
  tool: toolBody,
  metal: metalBody.nullable().optional(),
  rules: rulesBody.optional(),
  cut: cutChoice
    .omit({ machineId: true, stockId: true, toolId: true })
    .partial()
    .required({ operation: true }),
});
export type WholeCut = z.infer<typeof wholeCut>;

const values = z.record(z.string(), z.json());

/** The plan, what it will do, what holds it back, and what is to be said of it. */
export const wholeCutAnswer = z.strictObject({
  plan: values,
  forecast: values,
  limits: z.array(values),
  warnings: z.array(z.object({ key: z.string(), level: z.string(), text: z.string() })),
});
