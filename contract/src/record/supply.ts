import { COATINGS, INSERT_MATERIALS } from '@pike-stone/core';
import { ABRASIVES, WHEEL_FORMS } from '@pike-stone/core/bits';
import * as z from 'zod';
import { between, id, length, name, note, whole } from '../fields';

/** Where something lives in the shop. */
export const place = z.string().trim().max(60, 'Keep the place under 60 characters.').optional();
/** Money in the shop's own currency. */
export const money = between(0, 1e6);

/** There is a photo of it, kept under its id. */
export const photo = z.boolean().optional();

const anySupply = { name, place, price: money.optional(), photo, note };
const lowAt = whole(0, 1000).optional();
/** Numbers with blanks between, as they are typed. */
const counts = z
  .string()
  .trim()
  .max(1000)
  .regex(/^[\d.,;/\s]+$/, 'Numbers with a blank between.');

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
    /** As it measures now. */
    diameterMm: length(10, 600),
    widthMm: length(1, 150).optional(),
    /** When it was new: its rating counts for this diameter. */
    markedMm: length(10, 600).optional(),
    /** As it is printed on it. */
    marking: z.string().trim().max(60, 'Keep the marking under 60 characters.').optional(),
    abrasive: z.enum(ABRASIVES).optional(),
    grit: whole(4, 3000).optional(),
    form: z.enum(WHEEL_FORMS).optional(),
    ratedMPerS: between(1, 200, 'm/s').optional(),
    ratedRpm: between(100, 60_000, 'rpm').optional(),
    /** Diameter to which its maker lets it be used. */
    makerLeastMm: length(5, 600).optional(),
    /** The grinder that it runs on. */
    grinderId: id.optional(),
  }),
  /** A machine that wheels run on. */
  z.object({
    kind: z.literal('grinder'),
    ...anySupply,
    rpm: between(50, 60_000, 'rpm'),
    stands: z.enum(['bench', 'tool-post', 'hand'], { error: 'Say where it is used.' }),
    flangeMm: length(3, 300).optional(),
  }),
  z.object({ kind: z.literal('stone'), ...anySupply }),
  /** Gauge blocks or feelers, as they lie in the box: without what is missing or worn. */
  z.object({ kind: z.literal('gauge-set'), ...anySupply, unit: z.enum(['mm', 'in']), pieces: counts }),
  /** A dividing head: turns of its crank for one of the work, holes of its plates, a side between slashes, its gears. */
  z.object({
    kind: z.literal('dividing-head'),
    ...anySupply,
    ratio: whole(1, 360),
    circles: counts,
    gears: counts,
  }),
]);
export type SupplyBody = z.infer<typeof supplyBody>;
export type SupplyOf<K extends SupplyBody['kind']> = Extract<SupplyBody, { readonly kind: K }>;
