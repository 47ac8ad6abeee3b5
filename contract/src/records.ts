import * as z from 'zod';
import { cutBody } from './cut';
import { id } from './fields';
import { machineBody } from './machine';
import { metalBody } from './metal';
import { rulesBody } from './rules';
import { stockBody } from './stock';
import { toolBody } from './tool';

/** Every kind of record a shop keeps, by the name it has in an address. */
export const BODIES = {
  machines: machineBody,
  metals: metalBody,
  stock: stockBody,
  tools: toolBody,
  cuts: cutBody,
  rules: rulesBody,
} as const;
export type Kind = keyof typeof BODIES;
export type Body<K extends Kind> = z.infer<(typeof BODIES)[K]>;
export const KINDS = Object.keys(BODIES) as Kind[];

/** A record as it is read. */
export interface Stored<K extends Kind> {
  readonly id: string;
  /** Rises by one with each write. */
  readonly version: number;
  readonly archived: boolean;
  readonly updatedAt: string;
  readonly body: Body<K>;
}

/** What a write carries: the version it was made from (0 for a new record) and the whole body. */
export const writeOf = <K extends Kind>(kind: K) =>
  z.object({
    version: z.number().int().min(0).max(2_000_000_000),
    archived: z.boolean(),
    body: BODIES[kind],
  });
export interface Write<K extends Kind> {
  readonly version: number;
  readonly archived: boolean;
  readonly body: Body<K>;
}

export const storedOf = <K extends Kind>(kind: K) =>
  z.object({
    id,
    version: z.number().int().min(1),
    archived: z.boolean(),
    updatedAt: z.iso.datetime(),
    body: BODIES[kind],
  });
export const listOf = <K extends Kind>(kind: K) => z.object({ records: z.array(storedOf(kind)) });

export const sessionAnswer = z.object({ shop: z.object({ id, name: z.string() }) });
export type SessionAnswer = z.infer<typeof sessionAnswer>;
