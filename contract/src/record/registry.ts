import * as z from 'zod';
import { id } from '../fields';
import { cutBody } from './cut';
import { fromFlatTool } from './flat-tool';
import { laterBody } from './later-body';
import { ledgerBody } from './ledger';
import { machineBody } from './machine';
import { metalBody } from './metal';
import { photoBody } from './photo';
import { rulesBody } from './rules';
import { stockBody } from './stock';
import { supplyBody } from './supply';
import { toolBody } from './tool';

/** Facts of a kind of record; routes, tables, OpenAPI and the application's lists follow from them. */
interface KindFacts {
  readonly body: z.ZodType;
  /** Its table in the database. */
  readonly table: string;
  /** Name of one record of the kind. */
  readonly one: string;
  /** Each shop has one such record, with the shop's id as its id. */
  readonly single?: true;
  /** Shown in the drawer, where it can be changed and put away. */
  readonly inDrawer?: true;
  /** Records are added and never changed; their lists are not shown, only their sums. */
  readonly addedOnly?: true;
  /** There may be a million of them: a device brings the newest, and searches at the server. */
  readonly many?: true;
  /** It has a name, by which its list can be ordered, and words to be found by. */
  readonly named?: true;
  /** It has words to be found by. */
  readonly found?: true;
  /** Large, and asked for one at a time: its list is not brought to every device. */
  readonly apart?: true;
  /** Brings a body as it was written earlier into today's shape. */
  readonly upgrade?: (body: unknown) => unknown;
}

/** Every kind of record, by its name in addresses; each stands after those that its records refer to. */
const RECORD_KINDS = {
  machines: { body: machineBody, table: 'machine', one: 'machine', inDrawer: true, named: true },
  metals: { body: metalBody, table: 'metal', one: 'metal of the shop', inDrawer: true, named: true },
  stock: { body: stockBody, table: 'stock', one: 'piece of stock', inDrawer: true, named: true },
  tools: { body: toolBody, table: 'tool', one: 'tool', inDrawer: true, named: true, upgrade: fromFlatTool },
  supplies: {
    body: supplyBody,
    table: 'supply',
    one: 'box, blank, wheel or grinder',
    inDrawer: true,
    named: true,
  },
  ledger: { body: ledgerBody, table: 'ledger_entry', one: 'entry of the ledger', addedOnly: true },
  bits: { body: laterBody('bits'), table: 'bit', one: 'bit', named: true },
  grinds: { body: laterBody('grinds'), table: 'grind', one: 'session at the grinder' },
  'wheel-book': { body: laterBody('wheel-book'), table: 'wheel_entry', one: 'entry of the dress book' },
  sharpenings: { body: laterBody('sharpenings'), table: 'sharpening', one: 'sharpening' },
  rounds: { body: laterBody('rounds'), table: 'sharpening_round', one: 'sharpening round' },
  forms: { body: laterBody('forms'), table: 'form_cutter', one: 'form cutter', named: true },
  runs: { body: laterBody('runs'), table: 'run', one: 'run of trials' },
  cuts: { body: cutBody, table: 'cut', one: 'cut in the book', found: true, many: true },
  comparisons: { body: laterBody('comparisons'), table: 'comparison', one: 'comparison' },
  proven: { body: laterBody('proven'), table: 'proven', one: 'proven setting' },
  photos: { body: photoBody, table: 'photo', one: 'photo', apart: true },
  rules: { body: rulesBody, table: 'shop_rules', one: 'shop rules', single: true },
} as const satisfies Readonly<Record<string, KindFacts>>;

export type Kind = keyof typeof RECORD_KINDS;
export type Body<K extends Kind> = z.infer<(typeof RECORD_KINDS)[K]['body']>;
export const KINDS = Object.keys(RECORD_KINDS) as Kind[];

type InDrawer<K extends Kind> = (typeof RECORD_KINDS)[K] extends { readonly inDrawer: true } ? K : never;
/** Kinds that the drawer shows. */
export type DrawerKind = { [K in Kind]: InDrawer<K> }[Kind];

export const isKind = (kind: string): kind is Kind => Object.hasOwn(RECORD_KINDS, kind);

/** Facts of a kind, without its exact types. */
export const factsOf = (kind: Kind): KindFacts => RECORD_KINDS[kind];

/** Brings a body that may be of an earlier shape into today's shape. */
export const upgraded = (kind: Kind, body: unknown): unknown => factsOf(kind).upgrade?.(body) ?? body;

/** A record as the server answers it. */
export interface Stored<K extends Kind> {
  readonly id: string;
  /** Rises by one with each write. */
  readonly version: number;
  readonly archived: boolean;
  readonly updatedAt: string;
  readonly body: Body<K>;
}

/** What a write carries: the version it was made from (0 for a new record) and the whole body. */
export interface Write<K extends Kind> {
  readonly version: number;
  readonly archived: boolean;
  readonly body: Body<K>;
}

/** Makes something of a kind once: a schema takes longer to be made than to check a record. */
export function oncePerKind<Made>(make: (kind: Kind) => Made): (kind: Kind) => Made {
  const made = new Map<Kind, Made>();
  return (kind) => {
    const known = made.get(kind) ?? make(kind);
    made.set(kind, known);
    return known;
  };
}

/** Schema of what a write of a kind carries. */
export const writeOf = oncePerKind((kind) =>
  z.object({
    version: z.number().int().min(0).max(2_000_000_000),
    archived: z.boolean(),
    body: factsOf(kind).body,
  }),
);

const stored = oncePerKind((kind) =>
  z.object({
    id,
    version: z.number().int().min(1),
    archived: z.boolean(),
    updatedAt: z.iso.datetime(),
    body: factsOf(kind).body,
  }),
);

/** Schema of a stored record of a kind. */
export const storedOf = <K extends Kind>(kind: K) => stored(kind) as unknown as z.ZodType<Stored<K>>;
