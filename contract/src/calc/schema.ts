import {
  BELT_SECTIONS,
  FACTOR_NAMES,
  MATERIALS,
  SHORTCUTS,
  TOOL_MATERIALS,
  UNITS,
  type BeltSection,
  type CutterUse,
  type DrillGroup,
  type FactorName,
  type MachineCondition,
  type Shortcut,
  type SupportedBy,
  type ToolMaterialKey,
  type Unit,
} from '@pike-stone/core';
import type { ForceOperation } from '@pike-stone/core/forecast';
import * as z from 'zod';

/** Schemas that the calculations share. */

const MOST = 1e6;

/** A number of a question; the unit is in its key. */
export const figure = z
  .number({ error: 'Must be a number.' })
  .min(-MOST, `Must not be below ${-MOST}.`)
  .max(MOST, `Must not be above ${MOST}.`);

/** A number of an answer, never NaN or infinite. */
export const result = z.number();
export const results = z.array(result).readonly();

export const figures = (most: number) =>
  z.array(figure).min(1, 'Give at least one.').max(most, `No more than ${most}.`);

export const oneOf = <const Value extends string>(values: readonly [Value, ...Value[]]) =>
  z.enum(values, { error: `One of: ${values.join(', ')}.` });

/** One of a list of names. */
const listed = <Value extends string>(values: readonly Value[]) =>
  oneOf(values as readonly [Value, ...Value[]]);

/** One of all the names of a union; the compiler says which one is missing. */
const everyOf = <Value extends string>(values: Readonly<Record<Value, true>>) =>
  listed(Object.keys(values) as Value[]);

export const yesNo = z.boolean({ error: 'true or false.' });

export const whole = (low: number, high: number) =>
  z
    .number({ error: 'Must be a number.' })
    .int('Must be whole.')
    .min(low, `Must be ${low} at least.`)
    .max(high, `Must be ${high} at most.`);

export const word = z.string({ error: 'Must be text.' }).max(80, 'No more than 80 characters.');

/** Tooth counts of a train of gears. */
export const gears = z.array(whole(1, 1000)).min(1, 'Give at least one.').max(40, 'No more than 40.');

export const limits = z.array(z.object({ name: word, value: figure.nullable() })).max(20, 'No more than 20.');

/** A value that may be left out or null. */
export const optional = <Schema extends z.ZodType>(schema: Schema) =>
  schema.nullish().transform((value): z.output<Schema> | undefined => value ?? undefined);

export const unit = listed<Unit>(UNITS);
export const shortcut = listed(Object.keys(SHORTCUTS) as Shortcut[]);
export const beltSection = listed<BeltSection>(BELT_SECTIONS);
export const materialKey = listed(MATERIALS.map(({ key }) => key));
export const toolMaterialKey = listed<ToolMaterialKey>(TOOL_MATERIALS.map(({ key }) => key));
export const factors = z.array(listed<FactorName>(FACTOR_NAMES)).max(20, 'No more than 20.');
export const machineCondition = everyOf<MachineCondition>({ rigid: true, ordinary: true, tired: true });
export const support = everyOf<SupportedBy>({
  chuck: true,
  'chuck-and-centre': true,
  'between-centres': true,
});
export const forceOperation = everyOf<ForceOperation>({
  'turn-outside': true,
  face: true,
  bore: true,
  part: true,
  groove: true,
  shape: true,
  mill: true,
  drill: true,
});
export const cutterUse = everyOf<CutterUse>({
  'end-mill-side': true,
  'end-mill-slot': true,
  'roughing-end-mill': true,
  plunge: true,
  'form-or-gear': true,
  't-slot-or-dovetail': true,
  'face-mill': true,
  'fly-cutter': true,
  'side-and-face': true,
  'slitting-saw': true,
});
export const drillGroup = everyOf<DrillGroup>({
  'free-cutting-steel': true,
  'mild-steel': true,
  'alloy-steel': true,
  stainless: true,
  'tool-steel': true,
  'grey-iron': true,
  aluminium: true,
  'free-brass': true,
  bronze: true,
  thermoplastic: true,
});
