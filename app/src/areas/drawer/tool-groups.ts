import { capital } from '@pike-stone/words';
import type { ToolBody } from '@pike-stone/contract';
import { TOOL_KINDS, TOOL_MATERIALS } from '@pike-stone/core';
import { KEPT } from './supply-groups';
import { NAME, NOTE, type FieldSpec, type FormGroup, type Raw } from './form-spec';

export const TOOL_KIND_WORDS: Readonly<Record<ToolBody['kind'], string>> = {
  'turning-tool': 'turning tool',
  'boring-bar': 'boring bar',
  'parting-blade': 'parting or grooving blade',
  'threading-tool': 'threading tool',
  'form-tool': 'form tool',
  'knurling-tool': 'knurling tool',
  file: 'file',
  drill: 'drill',
  'centre-drill': 'centre drill',
  reamer: 'reamer',
  'end-mill': 'end mill',
  'face-mill': 'face mill',
  'fly-cutter': 'fly cutter',
  'slitting-saw': 'slitting saw',
  'form-cutter': 'form or gear cutter',
  't-slot-cutter': 'T-slot cutter',
  'dovetail-cutter': 'dovetail cutter',
};
type Size = FieldSpec;
const diameter = (label: string, drill = false): Size => ({
  type: 'length',
  path: 'diameterMm',
  label,
  drill,
});
const TEETH: Size = { type: 'number', path: 'teeth', label: 'Teeth' };
const FLUTES: Size = { type: 'length', path: 'fluteLengthMm', label: 'Length of flute' };
const FORM_DEPTH: Size = { type: 'length', path: 'depthMm', label: 'Depth of the form' };
const NOSE: Size = { type: 'length', path: 'noseRadiusMm', label: 'Nose radius' };
const CORNER: Size = {
  type: 'number',
  path: 'cornerDeg',
  label: 'Corner angle, degrees',
  about: 'between the two cutting edges',
};
const RAKE: Size = {
  type: 'number',
  path: 'rakeDeg',
  label: 'Rake, degrees',
  about: 'where the chip flows; empty: as it is usually ground',
};
const COATING: Size = {
  type: 'choice',
  path: 'coating',
  label: 'Coating',
  start: 'none',
  options: [
    { value: 'none', label: 'None' },
    { value: 'with-aluminium', label: 'Holds aluminium' },
    { value: 'without-aluminium', label: 'Other' },
  ],
  about: 'one that holds aluminium welds to aluminium',
};
const approach = (about?: string): Size => ({
  type: 'number',
  path: 'approachDeg',
  label: 'Approach angle, degrees',
  ...(about && { about }),
});
const LEAD = '90 is square to the work; inch books give the lead angle, 90 less this';
/** A field for a size that may be left empty; `about` says what is taken then. */
const open = (path: string, label: string, about: string): Size => ({
  type: 'length',
  path,
  label,
  optional: true,
  about,
});
const shank = (label = 'Diameter of the shank'): Size => open('shankMm', label, 'empty: not known');
const USUAL_WIDTH = 'empty: 2 mm';

/** The sizes that are asked of each kind, in the order they are asked. */
const SIZES: Readonly<Record<ToolBody['kind'], readonly Size[]>> = {
  'turning-tool': [NOSE, approach(LEAD), CORNER, COATING, RAKE, shank('Height of the shank')],
  'boring-bar': [
    NOSE,
    approach(LEAD),
    CORNER,
    COATING,
    RAKE,
    open('barMm', 'Diameter of the bar', 'empty: not known'),
  ],
  'parting-blade': [open('widthMm', 'Width of the blade', USUAL_WIDTH), COATING, RAKE],
  'threading-tool': [
    NOSE,
    {
      type: 'choice',
      path: 'threadAngleDeg',
      label: 'Angle of the thread',
      numeric: true,
      options: [
        { value: '60', label: '60°, metric and unified' },
        { value: '55', label: '55°, old inch form' },
      ],
    },
  ],
  'form-tool': [FORM_DEPTH, open('widthMm', 'Width of the form', `all that cuts at once; ${USUAL_WIDTH}`)],
  'knurling-tool': [],
  file: [],
  drill: [diameter('Diameter', true), open('fluteLengthMm', 'Length of flute', 'empty: not known'), COATING],
  'centre-drill': [
    diameter('Diameter of the pilot'),
    open('bodyMm', 'Diameter of the body', 'empty: not known'),
  ],
  reamer: [diameter('Diameter'), TEETH],
  'end-mill': [
    diameter('Diameter'),
    TEETH,
    FLUTES,
    {
      type: 'tick',
      path: 'centreCutting',
      label: 'Cuts at the centre',
      about: 'a tooth reaches the middle of the end: it may go straight down',
    },
    COATING,
    shank(),
  ],
  'face-mill': [
    diameter('Diameter'),
    TEETH,
    FLUTES,
    NOSE,
    approach(),
    COATING,
    open('landMm', 'Flat land of the inserts', 'wipes the surface; empty: none'),
    shank(),
  ],
  'fly-cutter': [
    diameter('Diameter of the tip circle'),
    { ...TEETH, about: 'one as a rule' },
    NOSE,
    approach(),
  ],
  'slitting-saw': [
    diameter('Diameter'),
    TEETH,
    open('thicknessMm', 'Thickness of the saw', USUAL_WIDTH),
    open(
      'collarMm',
      'Diameter of its collars',
      'it goes in as deep as they let it; empty: a third of the saw',
    ),
  ],
  'form-cutter': [diameter('Diameter'), TEETH, FORM_DEPTH, open('widthMm', 'Width of the form', USUAL_WIDTH)],
  't-slot-cutter': [
    diameter('Diameter of the head'),
    TEETH,
    open('headHeightMm', 'Height of the head', USUAL_WIDTH),
    shank(),
  ],
  'dovetail-cutter': [
    diameter('Largest diameter'),
    TEETH,
    { type: 'length', path: 'slantHeightMm', label: 'Height of the slant' },
    { type: 'number', path: 'angleDeg', label: 'Angle of the dovetail, degrees' },
    shank(),
  ],
};

/** Usual sizes, shown when another kind of tool is chosen that has more sizes. */
export const USUAL_SIZES = {
  diameterMm: 10,
  teeth: 2,
  fluteLengthMm: 25,
  noseRadiusMm: 0.4,
  approachDeg: 90,
  cornerDeg: 80,
  threadAngleDeg: 60,
  depthMm: 5,
  slantHeightMm: 8,
  angleDeg: 60,
} as const;

/** Every size that any kind is asked for. */
export const ALL_SIZES: readonly FormGroup[] = [{ title: 'Size', fields: Object.values(SIZES).flat() }];

const isKind = (kind: unknown): kind is ToolBody['kind'] => typeof kind === 'string' && kind in SIZES;

/** The form of a tool of the chosen kind. */
export function toolGroups(raw: Raw): FormGroup[] {
  const sizes = isKind(raw.kind) ? SIZES[raw.kind] : [];
  return [
    {
      title: 'The tool',
      fields: [
        NAME,
        {
          type: 'choice',
          path: 'kind',
          label: 'Kind',
          long: true,
          options: TOOL_KINDS.map((value) => ({ value, label: capital(TOOL_KIND_WORDS[value]) })),
        },
        {
          type: 'choice',
          path: 'material',
          label: 'Edge',
          options: TOOL_MATERIALS.map((row) => ({ value: row.key, label: row.name })),
        },
        {
          type: 'tick',
          path: 'dull',
          label: 'Dull',
          about: 'speed and feed start lower until it is sharpened',
        },
      ],
    },
    ...(sizes.length > 0 ? [{ title: 'Size', fields: sizes }] : []),
    {
      title: 'Kept',
      fields: [
        ...KEPT,
        {
          type: 'length',
          path: 'regrindMm',
          label: 'Length that a sharpening takes',
          optional: true,
          about: 'empty: what is left of it is not counted',
        },
        NOTE,
      ],
    },
  ];
}
