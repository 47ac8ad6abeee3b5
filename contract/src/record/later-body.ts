import * as z from 'zod';
import type { BitBody } from './bit';
import type { ComparisonBody } from './comparison';
import type { FormBody } from './form';
import type { GrindBody } from './grind';
import type { ProvenBody } from './proven';
import type { RunBody } from './run';
import type { SharpeningBody } from './sharpening';
import type { RoundBody } from './sharpening-round';
import type { WheelEntryBody } from './wheel-entry';

/** Bodies of the kinds that no first page shows: their schemas come with the other pages. */
export interface LaterBodies {
  readonly bits: BitBody;
  readonly grinds: GrindBody;
  readonly 'wheel-book': WheelEntryBody;
  readonly sharpenings: SharpeningBody;
  readonly rounds: RoundBody;
  readonly forms: FormBody;
  readonly runs: RunBody;
  readonly comparisons: ComparisonBody;
  readonly proven: ProvenBody;
}
export type LaterSchemas = { readonly [K in keyof LaterBodies]: z.ZodType<LaterBodies[K]> };

let schemas: LaterSchemas | null = null;
let brought: () => void = () => undefined;
const arrival = new Promise<void>((resolve) => (brought = resolve));
const later = new Set<string>();

/** Puts the schemas in place; what reads or writes such a record waits for this. */
export function putLaterSchemas(all: LaterSchemas): void {
  schemas = all;
  brought();
}

/** Whether a body of a kind can be checked by now. */
export const canCheck = (kind: string): boolean => schemas !== null || !later.has(kind);
/** Settles when a body of a kind can be checked. */
export const untilChecked = async (kind: string): Promise<void> => {
  if (!canCheck(kind)) await arrival;
};

/** The schema of a kind that is put in place later, and asked for when a body is checked. */
export function laterBody<K extends keyof LaterBodies>(kind: K): z.ZodType<LaterBodies[K]> {
  later.add(kind);
  return z.lazy(() => {
    if (!schemas) throw new Error(`No schema of ${kind} yet: bringLaterBodies comes first.`);
    return schemas[kind];
  });
}
