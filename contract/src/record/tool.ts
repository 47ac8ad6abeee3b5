import { COATINGS, GROUND_ANGLES, TOOL_MATERIALS, type ToolMaterialKey } from '@pike-stone/core';
import * as z from 'zod';
import { between, id, length, name, note, whole } from '../fields';
import { money, photo, place } from './supply';

const materials = TOOL_MATERIALS.map((row) => row.key);

const anyTool = {
  name,
  material: z.enum(materials as [ToolMaterialKey, ...ToolMaterialKey[]], {
    error: 'Choose what the edge is made of.',
  }),
  dull: z.boolean(),
  note,
  place,
  price: money.optional(),
  photo,
  /** The box that its inserts come from. */
  boxId: id.optional(),
  /** Length that a sharpening takes: its length left is counted in the ledger. */
  regrindMm: length(0.02, 10).optional(),
};
/** As it was ground by hand. */
const ground = z.object({
  sideRakeDeg: between(-30, 60, 'degrees'),
  backRakeDeg: between(-30, 60, 'degrees'),
  sideClearanceDeg: between(-30, 60, 'degrees'),
  frontClearanceDeg: between(-30, 60, 'degrees'),
  measured: z.array(z.enum(GROUND_ANGLES)).max(4),
  heelMm: length(0, 200),
  heel: z.object({ clearanceDeg: between(1, 80, 'degrees'), landMm: length(0.1, 20) }).optional(),
  groove: z
    .object({ landMm: length(0.02, 10), widthMm: length(0.2, 20), depthMm: length(0.005, 5) })
    .optional(),
});
const cuttingTool = {
  ...anyTool,
  /** Effective rake where the chip flows. */
  rakeDeg: between(-15, 45, 'degrees').optional(),
  coating: z.enum(COATINGS).optional(),
  ground: ground.optional(),
};
const noseRadiusMm = length(0.05, 30);
const approachDeg = between(15, 120, 'degrees');
const shankMm = length(0.5, 200).optional();
const edgeWidth = length(0.2, 60).optional();
const formDepth = length(0.5, 500);
const nosedTool = { ...cuttingTool, noseRadiusMm, approachDeg, cornerDeg: between(20, 170, 'degrees') };
const roundTool = { ...cuttingTool, diameterMm: length(0.2, 500) };
const toothedTool = { ...roundTool, teeth: whole(1, 60) };

/** A tool in the drawer, by its kind: each has the sizes of its kind and no others. */
export const toolBody = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('turning-tool'), ...nosedTool, shankMm }),
  z.object({ kind: z.literal('boring-bar'), ...nosedTool, barMm: shankMm }),
  z.object({ kind: z.literal('parting-blade'), ...cuttingTool, widthMm: edgeWidth }),
  z.object({
    kind: z.literal('threading-tool'),
    ...cuttingTool,
    noseRadiusMm,
    threadAngleDeg: z.literal([55, 60]),
  }),
  z.object({ kind: z.literal('form-tool'), ...cuttingTool, widthMm: edgeWidth, depthMm: formDepth }),
  z.object({ kind: z.literal('knurling-tool'), ...anyTool }),
  z.object({ kind: z.literal('file'), ...anyTool }),
  z.object({ kind: z.literal('drill'), ...roundTool, fluteLengthMm: length(0.5, 500).optional() }),
  z.object({ kind: z.literal('centre-drill'), ...roundTool, bodyMm: shankMm }),
  z.object({ kind: z.literal('reamer'), ...toothedTool }),
  z.object({
    kind: z.literal('end-mill'),
    ...toothedTool,
    fluteLengthMm: length(0.5, 500),
    shankMm,
    centreCutting: z.boolean().optional(),
  }),
  z.object({
    kind: z.literal('face-mill'),
    ...toothedTool,
    fluteLengthMm: length(0.5, 500),
    noseRadiusMm,
    approachDeg,
    shankMm,
    landMm: length(0.05, 10).optional(),
  }),
  z.object({ kind: z.literal('fly-cutter'), ...toothedTool, noseRadiusMm, approachDeg }),
  z.object({
    kind: z.literal('slitting-saw'),
    ...toothedTool,
    thicknessMm: edgeWidth,
    collarMm: length(1, 400).optional(),
  }),
  z.object({ kind: z.literal('form-cutter'), ...toothedTool, widthMm: edgeWidth, depthMm: formDepth }),
  z.object({ kind: z.literal('t-slot-cutter'), ...toothedTool, headHeightMm: edgeWidth, shankMm }),
  z.object({
    kind: z.literal('dovetail-cutter'),
    ...toothedTool,
    angleDeg: approachDeg,
    slantHeightMm: formDepth,
    shankMm,
  }),
]);
export type ToolBody = z.infer<typeof toolBody>;
export type ToolOf<K extends ToolBody['kind']> = Extract<ToolBody, { readonly kind: K }>;
