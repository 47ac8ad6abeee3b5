import {
  CUTTER_STEEL_NAMES,
  FITS,
  FORM_TOOL_BOUNDS,
  MAKING_WAYS,
  RACK_NAMES,
  RADIUS_KINDS,
} from '@pike-stone/core/bits';
import * as z from 'zod';
import { between, id, length, name, note, whole } from '../fields';

const place = between(-1000, 1000, 'mm');
const point = z.tuple([place, place]).readonly();
/** A corner and the bulge of the piece that begins there. */
const corner = z.tuple([place, place, between(-1, 1)]).readonly();
const degrees = (low: number, high: number) => between(low, high, 'degrees');

const gear = z.object({
  system: z.enum(['module', 'diametral-pitch']),
  size: between(0.05, 200),
  teeth: whole(6, 2000),
  rack: z.enum(RACK_NAMES),
  shift: between(-1, 1),
});

/** What a form is begun from. */
const source = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('gear'), gear, formTeeth: whole(6, 2000) }),
  z.object({
    kind: z.literal('clock'),
    ratio: between(0.5, 60),
    leaves: whole(6, 16),
    centreMm: length(1, 500),
    part: z.enum(['wheel', 'pinion']),
  }),
  z.object({ kind: z.literal('thread'), form: z.enum(['iso-60', 'form-55']), pitchMm: length(0.1, 25) }),
  z.object({
    kind: z.literal('radius'),
    shape: z.enum(RADIUS_KINDS),
    radiusMm: length(0.05, 200),
    depthMm: length(0.01, 200),
  }),
  z.object({ kind: z.literal('chamfer'), widthMm: length(0.05, 100), angleDeg: degrees(5, 85) }),
  z.object({ kind: z.literal('corners'), corners: z.array(corner).min(2).max(400).readonly() }),
  z.object({
    kind: z.literal('points'),
    points: z.array(point).min(2).max(2000).readonly(),
    toleranceMm: length(0.0005, 1),
  }),
]);

const { rakeDeg, clearanceDeg } = FORM_TOOL_BOUNDS;
const wedge = { rakeDeg: degrees(...rakeDeg), clearanceDeg: degrees(...clearanceDeg) };
/** The tool that carries it. */
const tool = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('fly'), swingMm: length(3, 200), bodyMm: length(1, 60), ...wedge }),
  z.object({
    kind: z.literal('multi'),
    diameterMm: length(8, 300),
    teeth: whole(2, 40),
    rakeDeg: wedge.rakeDeg,
    reliefDeg: degrees(1, 25),
    gashDepthMm: length(0.5, 60),
    gashAngleDeg: degrees(20, 120),
  }),
  z.object({ kind: z.literal('flat'), smallestMm: length(0.5, 500), ...wedge }),
  z.object({
    kind: z.literal('circular'),
    smallestMm: length(0.5, 500),
    toolRadiusMm: length(5, 200),
    ...wedge,
  }),
]);

/** What was measured on a cutter or on a part, against the form. */
const measured = z.object({
  points: z.array(point).min(3).max(2000).readonly(),
  on: z.enum(['tool', 'part']),
  fit: z.enum(FITS),
  lowMm: between(-1, 0, 'mm'),
  highMm: between(0, 1, 'mm'),
  doubtMm: length(0, 0.5),
});
export type MeasuredForm = z.infer<typeof measured>;

/** A form cutter: its form, the tool that carries it, and how far it has come. */
export const formBody = z.object({
  name,
  source,
  tool,
  way: z.enum(MAKING_WAYS),
  steel: z.enum(CUTTER_STEEL_NAMES),
  /** Steps of making it that are done. */
  done: z.array(z.string().max(40)).max(60).readonly(),
  /** Points measured on it, and the band it is judged by; null until it is measured. */
  measured: measured.nullable(),
  /** Ground off its face since it was new. */
  faceGroundMm: length(0, 100),
  /** Spaces of the gear in hand that are cut. */
  spacesCut: whole(0, 2000),
  /** The tool of the drawer that it became. */
  toolId: id.nullable(),
  note,
});
export type FormBody = z.infer<typeof formBody>;
