import type { SupplyBody } from '@pike-stone/contract';
import { capital } from '@pike-stone/words';
import { NAME, NOTE, type FieldSpec, type FormGroup, type Raw } from './form-spec';

export const SUPPLY_WORDS: Readonly<Record<SupplyBody['kind'], string>> = {
  'insert-box': 'box of inserts',
  blank: 'blank',
  holder: 'holder',
  wheel: 'grinding wheel',
  grinder: 'grinder',
  stone: 'stone',
  'gauge-set': 'blocks or feelers',
  'dividing-head': 'dividing head',
};

/** Where a thing lives and what it cost. */
export const KEPT: readonly FieldSpec[] = [
  { type: 'text', path: 'place', label: 'Where it lives' },
  { type: 'number', path: 'price', label: 'Price, in the shop’s money' },
];
const LOW = (about: string): FieldSpec => ({ type: 'number', path: 'lowAt', label: 'Low from', about });

const SIZES: Readonly<Record<SupplyBody['kind'], readonly FieldSpec[]>> = {
  'insert-box': [
    {
      type: 'choice',
      path: 'material',
      label: 'Edge',
      options: [
        { value: 'carbide-coated', label: 'Coated' },
        { value: 'carbide-uncoated', label: 'Polished, uncoated' },
      ],
    },
    { type: 'number', path: 'edgesEach', label: 'Edges of one insert' },
    { type: 'length', path: 'noseRadiusMm', label: 'Nose radius', optional: true },
    LOW('edges left; empty: 4'),
  ],
  blank: [
    {
      type: 'choice',
      path: 'material',
      label: 'Made of',
      options: [
        { value: 'hss', label: 'HSS' },
        { value: 'hss-co', label: 'Cobalt HSS' },
        { value: 'carbon-steel', label: 'Carbon steel' },
      ],
    },
    { type: 'length', path: 'widthMm', label: 'Width' },
    { type: 'length', path: 'heightMm', label: 'Height' },
    { type: 'length', path: 'regrindMm', label: 'Length that a grind takes' },
    LOW('regrinds left; empty: 2'),
  ],
  holder: [{ type: 'length', path: 'shankMm', label: 'Height of the shank', optional: true }],
  wheel: [
    { type: 'length', path: 'diameterMm', label: 'Diameter now' },
    { type: 'length', path: 'widthMm', label: 'Width', optional: true },
  ],
  grinder: [
    { type: 'number', path: 'rpm', label: 'Speed of its spindle, rpm' },
    {
      type: 'choice',
      path: 'stands',
      label: 'Used',
      options: [
        { value: 'bench', label: 'On the bench' },
        { value: 'tool-post', label: 'In the tool post' },
        { value: 'hand', label: 'In the hand' },
      ],
    },
    { type: 'length', path: 'flangeMm', label: 'Diameter of its flanges', optional: true },
  ],
  stone: [],
  'gauge-set': [
    {
      type: 'choice',
      path: 'unit',
      label: 'Unit',
      options: [
        { value: 'mm', label: 'mm' },
        { value: 'in', label: 'Inches' },
      ],
    },
    { type: 'text', path: 'pieces', label: 'Its pieces, with a blank between', lines: 4 },
  ],
  'dividing-head': [
    { type: 'number', path: 'ratio', label: 'Turns of the crank for one of the work' },
    {
      type: 'text',
      path: 'circles',
      label: 'Holes of its circles, a slash between the sides of the plates',
      lines: 3,
    },
    { type: 'text', path: 'gears', label: 'Its change gears', lines: 2 },
  ],
};

const isKind = (kind: unknown): kind is SupplyBody['kind'] => typeof kind === 'string' && kind in SIZES;

/** Every size that any kind is asked for, and what stands in it at first. */
export const ALL_SUPPLY_SIZES: readonly FormGroup[] = [
  { title: 'Size', fields: Object.values(SIZES).flat() },
];
export const USUAL_SUPPLY = {
  material: 'carbide-coated',
  edgesEach: 4,
  widthMm: 10,
  heightMm: 10,
  regrindMm: 0.5,
  diameterMm: 150,
  rpm: 2850,
  stands: 'bench',
} as const;

/** The form of a supply of the chosen kind. */
export function supplyGroups(raw: Raw): FormGroup[] {
  const sizes = isKind(raw.kind) ? SIZES[raw.kind] : [];
  return [
    {
      title: 'What it is',
      fields: [
        NAME,
        {
          type: 'choice',
          path: 'kind',
          label: 'Kind',
          options: Object.entries(SUPPLY_WORDS).map(([value, label]) => ({ value, label: capital(label) })),
        },
        ...sizes,
      ],
    },
    { title: 'Kept', fields: [...KEPT, NOTE] },
  ];
}
