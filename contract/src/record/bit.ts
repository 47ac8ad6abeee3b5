import { BIT_ANGLE_LIMITS, BIT_SHAPES, LEAST_WHEEL_MM } from '@pike-stone/core/bits';
import * as z from 'zod';
import { between, id, length, name, note } from '../fields';
import { photo, place } from './supply';

const angle = (key: keyof typeof BIT_ANGLE_LIMITS) => {
  const [least, most] = BIT_ANGLE_LIMITS[key];
  return between(least, most, 'degrees');
};

/** The six angles of a bit. */
const bitAngles = z.object({
  sideRakeDeg: angle('sideRakeDeg'),
  backRakeDeg: angle('backRakeDeg'),
  kappaDeg: angle('kappaDeg'),
  sideClearanceDeg: angle('sideClearanceDeg'),
  kappa2Deg: angle('kappa2Deg'),
  frontClearanceDeg: angle('frontClearanceDeg'),
});

/** Steel to begin with. */
const blank = z.object({
  section: z.enum(['square', 'round']),
  lengthMm: length(5, 400),
  widthMm: length(2, 60),
  heightMm: length(2, 60),
});

/** A bit that is planned, or ground and in hand. */
export const bitBody = z.object({
  name,
  shape: z.enum(BIT_SHAPES, { error: 'Choose a shape.' }),
  hand: z.enum(['right', 'left']),
  material: z.enum(['hss', 'hss-co', 'carbon-steel', 'brazed-carbide'], {
    error: 'Choose what it is made of.',
  }),
  blank,
  /** The blank of the stores that it is ground from. */
  blankId: id.nullable(),
  angles: bitAngles,
  noseRadiusMm: length(0, 30),
  sizes: z.object({
    edgeMm: length(0.5, 40),
    widthMm: length(0.3, 40),
    bladeMm: length(1, 80),
    radiusMm: length(0.2, 30),
    flatMm: length(0, 10),
  }),
  noseDownMm: length(0, 50),
  trailingDeg: between(-30, 60, 'degrees').nullable(),
  heel: z.object({ clearanceDeg: between(1, 80, 'degrees'), landMm: length(0.1, 20) }).nullable(),
  groove: z
    .object({ landMm: length(0.02, 10), widthMm: length(0.2, 20), radiusMm: length(0.2, 100) })
    .nullable(),
  wheel: z.object({
    diameterMm: length(LEAST_WHEEL_MM, 600),
    contactMm: length(-200, 200),
    hollow: z.boolean(),
    /** The wheel of the stores that it is. */
    wheelId: id.nullish(),
  }),
  /** Angles of the one general shape, or of the metal. */
  school: z.enum(['general', 'per-metal']),
  /** How the tip is kept cool. */
  heat: z.enum(['air', 'dip']),
  /** Metal of the library that it is ground for; null for any. */
  metalKey: z.string().max(60).nullable(),
  /** The cut that it is ground for, as far as it is known. */
  use: z
    .object({
      side: z.enum(['outside', 'bore']),
      diameterMm: length(0.5, 3_000),
      depthMm: length(0.005, 100),
      feedMm: length(0.001, 25),
      heightErrorMm: length(-5, 5),
    })
    .nullable(),
  /** Held in the post at the least, and standing out of it. */
  gripMm: length(0, 200),
  overhangMm: length(0, 200),
  state: z.enum(['planned', 'ground', 'dull', 'scrap']),
  /** The tool of the drawer that it is. */
  toolId: id.nullable(),
  photo,
  place,
  note,
});
export type BitBody = z.infer<typeof bitBody>;
