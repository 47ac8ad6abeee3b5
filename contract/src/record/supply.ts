import { COATINGS, INSERT_MATERIALS } from '@pike-stone/core';
import * as z from 'zod';
import { between, length, name, note, whole } from '../fields';

/** Where something lives in the shop. */
export const place = z.string().trim().max(60, 'Keep the place under 60 characters.').optional();
/** Money in the shop's own currency. */
export const money = between(0, 1e6);

/** There is a photo of it, kept under its id. */
export const photo = z.boolean().optional();

const anySupply = { name, place, price: money.optional(), photo, note };
const lowAt = whole(0, 1000).optional();

/** Something of the drawer that no cut is done with by itself. */
export const supplyBody = z.discriminatedUnion('kind', [
  /** A box of inserts of one kind; its edges are counted. */
  z.object({
    kind: z.literal('insert-box'),
    ...anySupply,
    material: z.enum(INSERT_MATERIALS, { error: 'Choose what they are made of.' }),
    coating: z.enum(COATINGS).optional(),
    noseRadiusMm: length(0.05, 30).optional(),
    edgesEach: whole(1, 16),
    /** From so many edges down it is low. */
    lowAt,
  }),
  /** A blank to grind bits from; its length is counted. */
  z.object({
    kind: z.literal('blank'),
    ...anySupply,
    material: z.enum(['hss', 'hss-co', 'carbon-steel'], { error: 'Choose what it is made of.' }),
    widthMm: length(2, 60),
    heightMm: length(2, 60),
    /** Length that a grind takes. */
    regrindMm: length(0.05, 10),
    lowAt,
  }),
  z.object({ kind: z.literal('holder'), ...anySupply, shankMm: length(2, 100).optional() }),
  z.object({
    kind: z.literal('wheel'),
    ...anySupply,
    diameterMm: length(10, 600),
    widthMm: length(1, 150).optional(),
  }),
  z.object({ kind: z.literal('stone'), ...anySupply }),
]);
export type SupplyBody = z.infer<typeof supplyBody>;
