import type { ToolBody } from '@pike-stone/contract';
import { TOOL_MATERIALS } from '@pike-stone/core';
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
const SHANK_WORDS: Partial<Record<ToolBody['kind'], string>> = {
  'turning-tool': 'Height of the shank',
  'boring-bar': 'Diameter of the bar',
  'end-mill': 'Diameter of the shank',
  'face-mill': 'Diameter of the shank',
  'centre-drill': 'Diameter of the body',
  't-slot-cutter': 'Diameter of the shank',
  'dovetail-cutter': 'Diameter of the shank',
};
const ROUND: Partial<Record<ToolBody['kind'], string>> = {
  drill: 'Diameter',
  'centre-drill': 'Diameter of the pilot',
  reamer: 'Diameter',
  'end-mill': 'Diameter',
  'face-mill': 'Diameter',
  'fly-cutter': 'Diameter of the tip circle',
  'slitting-saw': 'Diameter',
  'form-cutter': 'Diameter',
  't-slot-cutter': 'Diameter of the head',
  'dovetail-cutter': 'Largest diameter',
};
const TOOTHED: readonly ToolBody['kind'][] = [
  'end-mill',
  'face-mill',
  'reamer',
  'slitting-saw',
  'form-cutter',
  't-slot-cutter',
  'dovetail-cutter',
];
/** Kinds that have a width, and what it is the width of. */
const WIDE: Partial<Record<ToolBody['kind'], readonly [label: string, about: string]>> = {
  'parting-blade': ['Width of the blade', 'empty: 2 mm'],
  'form-tool': ['Width of the form', 'all that cuts at once; empty: 2 mm'],
  'slitting-saw': ['Thickness of the saw', 'empty: 2 mm'],
  'form-cutter': ['Width of the form', 'empty: 2 mm'],
  't-slot-cutter': ['Height of the head', 'empty: 2 mm'],
};
const LONG: Partial<Record<ToolBody['kind'], string>> = {
  'end-mill': 'Length of flute',
  'face-mill': 'Length of flute',
  'form-tool': 'Depth of the form',
  'form-cutter': 'Depth of the form',
  'dovetail-cutter': 'Height of the slant',
};
const COATED: readonly ToolBody['kind'][] = [
  'turning-tool',
  'boring-bar',
  'parting-blade',
  'drill',
  'end-mill',
  'face-mill',
];
const SHARP: readonly ToolBody['kind'][] = ['turning-tool', 'boring-bar', 'threading-tool', 'fly-cutter'];
const ANGLED: Partial<Record<ToolBody['kind'], string>> = {
  'face-mill': 'Approach angle, degrees',
  'fly-cutter': 'Approach angle, degrees',
  'dovetail-cutter': 'Angle of the dovetail, degrees',
};

/** What is asked of a tool, by its kind. */
export function toolGroups(raw: Raw): FormGroup[] {
  const kind = raw.kind as ToolBody['kind'];
  const turning = kind === 'turning-tool' || kind === 'boring-bar';
  const sizes: FieldSpec[] = [
    ...(ROUND[kind]
      ? [{ type: 'length', path: 'diameterMm', label: ROUND[kind], drill: kind === 'drill' } as const]
      : []),
    ...(TOOTHED.includes(kind) ? [{ type: 'number', path: 'teeth', label: 'Teeth' } as const] : []),
    ...(LONG[kind] ? [{ type: 'length', path: 'fluteLengthMm', label: LONG[kind] } as const] : []),
    ...(WIDE[kind]
      ? [
          {
            type: 'length',
            path: 'bladeMm',
            label: WIDE[kind][0],
            optional: true,
            about: WIDE[kind][1],
          } as const,
        ]
      : []),
    ...(SHARP.includes(kind)
      ? [{ type: 'length', path: 'noseRadiusMm', label: 'Nose radius' } as const]
      : []),
    ...(kind === 'threading-tool'
      ? [
          {
            type: 'choice',
            path: 'cornerDeg',
            label: 'Angle of the thread',
            numeric: true,
            options: [
              { value: '60', label: '60°, metric and unified' },
              { value: '55', label: '55°, old inch form' },
            ],
            about: '60° while neither is chosen',
          } as const,
        ]
      : []),
    ...(turning
      ? [
          {
            type: 'number',
            path: 'approachDeg',
            label: 'Approach angle, degrees',
            about: '90 is square to the work; inch books give the lead angle, 90 less this',
          } as const,
          {
            type: 'number',
            path: 'cornerDeg',
            label: 'Corner angle, degrees',
            about: 'between the two cutting edges',
          } as const,
        ]
      : []),
    ...(ANGLED[kind] ? [{ type: 'number', path: 'approachDeg', label: ANGLED[kind] } as const] : []),
    ...(kind === 'end-mill'
      ? [
          {
            type: 'tick',
            path: 'centreCutting',
            label: 'Cuts at the centre',
            about: 'a tooth reaches the middle of the end: it may go straight down',
          } as const,
        ]
      : []),
    ...(COATED.includes(kind)
      ? [
          {
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
          } as const,
        ]
      : []),
    ...(turning || kind === 'parting-blade'
      ? [
          {
            type: 'number',
            path: 'rakeDeg',
            label: 'Rake, degrees',
            about: 'where the chip flows; empty: as it is usually ground',
          } as const,
        ]
      : []),
    ...(SHANK_WORDS[kind]
      ? [
          {
            type: 'length',
            path: 'shankMm',
            label: SHANK_WORDS[kind],
            optional: true,
            about: 'empty: not known',
          } as const,
        ]
      : []),
  ];
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
          options: (Object.keys(TOOL_KIND_WORDS) as ToolBody['kind'][]).map((value) => ({
            value,
            label: TOOL_KIND_WORDS[value].charAt(0).toUpperCase() + TOOL_KIND_WORDS[value].slice(1),
          })),
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
    { title: 'Size', fields: sizes },
    { title: 'Note', fields: [NOTE] },
  ];
}
