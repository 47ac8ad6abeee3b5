import type { RackName } from '../gear/gear';
import type { Fit } from '../profile/register';

/** Names that records of form cutters are written with: what the first load needs to know of them. */

/** What a form is begun from. */
export const FORM_SOURCES = ['gear', 'clock', 'thread', 'radius', 'chamfer', 'corners', 'points'] as const;
export type FormSourceKind = (typeof FORM_SOURCES)[number];

/** Basic racks by name. */
export const RACK_NAMES = [
  'iso-53-a',
  'full-25',
  'older-14.5',
  'older-20',
  'stub-20',
] as const satisfies readonly RackName[];

/** A groove that the tool rounds, a bead that it hollows, a rounded edge. */
export const RADIUS_KINDS = ['groove', 'bead', 'edge'] as const;
export type RadiusKind = (typeof RADIUS_KINDS)[number];

/** Tools that carry a form: the first two turn against the work, the others stand still against turning work. */
export const FORM_TOOLS = ['fly', 'multi', 'flat', 'circular'] as const;
export type FormToolKind = (typeof FORM_TOOLS)[number];

/** Ways of shaping a form on a blank of tool steel. */
export const MAKING_WAYS = ['slides', 'stones', 'swing'] as const;
export type MakingWay = (typeof MAKING_WAYS)[number];

/** Steels that a small shop hardens cutters from. */
export const CUTTER_STEEL_NAMES = ['carbon-1.0', 'silver-steel', 'oil-hardening'] as const;

/** Rake and clearance that a form tool may have, degrees. */
export const FORM_TOOL_BOUNDS = { rakeDeg: [-15, 25], clearanceDeg: [2, 25] } as const;

/** Ways of laying measured points on the form. */
export const FITS = ['free', 'turn', 'none'] as const satisfies readonly Fit[];
