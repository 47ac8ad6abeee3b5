import * as z from 'zod';
import { cutChoice } from '../record/cut';
import { machineBody } from '../record/machine';
import { metalBody } from '../record/metal';
import { rulesBody } from '../record/rules';
import { stockBody } from '../record/stock';
import { toolBody } from '../record/tool';

/** A whole cut, with the records it is made of in the question: nothing is looked up. */
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

/** The plan, its forecast, its limits, and its sentences. */
export const wholeCutAnswer = z.strictObject({
  plan: values,
  forecast: values,
  limits: z.array(values),
  warnings: z.array(z.object({ key: z.string(), level: z.string(), text: z.string() })),
});
