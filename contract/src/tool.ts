import { COATINGS, TOOL_KINDS, TOOL_MATERIALS } from '@pike-stone/core';
import * as z from 'zod';
import { between, length, name, whole } from './fields';

const materials = TOOL_MATERIALS.map((row) => row.key) as [
  (typeof TOOL_MATERIALS)[number]['key'],
  ...(typeof TOOL_MATERIALS)[number]['key'][],
];

/** A cutting tool in the drawer. */
export const toolBody = z.object({
  name,
  kind: z.enum(TOOL_KINDS),
  material: z.enum(materials, { error: 'Choose what the edge is made of.' }),
  dull: z.boolean(),
  diameterMm: length(0.2, 500),
  teeth: whole(1, 60),
  fluteLengthMm: length(0.5, 500),
  noseRadiusMm: length(0.05, 30),
  approachDeg: between(15, 120, 'degrees'),
  cornerDeg: between(20, 170, 'degrees'),
  /** Height of a turning tool's shank, diameter of a cutter's. */
  shankMm: length(0.5, 200).optional(),
  /** Width of a blade, a saw, a form, the head of a T-slot cutter. */
  bladeMm: length(0.2, 60).optional(),
  /** Effective rake where the chip flows. */
  rakeDeg: between(-15, 45, 'degrees').optional(),
  /** A tooth reaches the centre of the end. */
  centreCutting: z.boolean().optional(),
  coating: z.enum(COATINGS).optional(),
  note: z.string().max(500, 'Keep the note under 500 characters.'),
});
export type ToolBody = z.infer<typeof toolBody>;
