import { machineBody, metalBody, stockBody, toolBody, type Kind, type MachineBody, type MetalBody, type StockBody, type ToolBody } from '@pike-stone/contract';
import { MACHINE_WORDS, MATERIALS, material, TOOL_MATERIALS, toolMaterial } from '@pike-stone/core';
import type { FieldValues } from 'react-hook-form';
import type { ZodType } from 'zod';
import type { Metals } from '../../data/metals';
import { FRESH_MACHINES } from '../machine/fresh-machines';
import type { FieldSpec, FormGroup, Raw } from './form-spec';

export type DrawerKind = Extract<Kind, 'machines' | 'stock' | 'tools' | 'metals'>;

interface KindSpec {
  readonly title: string;
  readonly one: string;
  readonly schema: ZodType;
  readonly groups: (raw: Raw, metals: Metals) => readonly FormGroup[];
  /** Ready-made beginnings of a new one. */
  readonly fresh: Readonly<Record<string, { readonly label: string; readonly body: FieldValues }>>;
  readonly about: (body: FieldValues, metals: Metals) => string;
}

const name: FieldSpec = { type: 'text', path: 'name', label: 'Name' };
const note: FieldSpec = { type: 'text', path: 'note', label: 'Note', lines: 3 };

const wheel = (path: string, label: string): FieldSpec[] => [
  { type: 'length', path: `${path}.travelPerTurnMm`, label: `${label}, travel of one turn` },
  { type: 'number', path: `${path}.divisions`, label: `${label}, divisions` },
];
const dial = (path: string, label: string): FieldSpec[] => [
  ...wheel(path, label),
  { type: 'choice', path: `${path}.reads`, label: `${label} is marked with`, options: [{ value: 'radius', label: 'Slide travel' }, { value: 'diameter', label: 'Diameter' }] },
  { type: 'length', path: `${path}.backlashMm`, label: `${label}, backlash`, optionalZero: true },
];

const MOTOR: FormGroup = { title: 'Motor', fields: [
  { type: 'number', path: 'motor.powerKw', label: 'Power, kW', about: '1 hp is 0.746 kW; empty: not known', makes: 'motor' },
  { type: 'choice', path: 'motor.phases', label: 'Supply', numeric: true, start: '1', options: [{ value: '1', label: 'Single-phase' }, { value: '3', label: 'Three-phase' }] },
  { type: 'number', path: 'motor.efficiency', label: 'Share that reaches the spindle', start: '0.75', about: 'direct V-belt 0.80, flat belt 0.75, geared head 0.70' },
] };

const limit = (key: string, label: string, about?: string): FieldSpec => ({ type: 'length', path: `limits.${key}`, label, about, optional: true });
const collets: FieldSpec = { type: 'lengths', path: 'limits.colletsMm', label: 'Collets', about: 'a semicolon between: 6; 10; 1/2' };
const chuckRpm: FieldSpec = { type: 'number', path: 'limits.chuckRpm', label: 'Most the chuck may turn, rpm', about: 'marked on it; a jaw standing out lowers it' };
const LIMITS: Readonly<Record<MachineBody['kind'], readonly FieldSpec[]>> = {
  lathe: [limit('swingMm', 'Swing over the bed, diameter'), limit('overSlideMm', 'Swing over the cross slide, diameter'), limit('betweenCentresMm', 'Between centres'), limit('centreHeightMm', 'Centre height over the bed'),
    limit('toolHeightMm', 'Tool height, from the tool rest to the centre', 'the tallest shank that can be packed up to the centre'), limit('spindleBoreMm', 'Bore of the spindle'), collets, chuckRpm],
  'vertical-mill': [collets, limit('largestDrillMm', 'Largest drill it holds')],
  'horizontal-mill': [collets, limit('largestDrillMm', 'Largest drill it holds')],
  'drill-press': [limit('largestDrillMm', 'Largest drill it holds')],
  shaper: [limit('strokeMm', 'Longest stroke')],
};

const WHEELS: Readonly<Record<MachineBody['kind'], readonly FieldSpec[]>> = {
  lathe: [
    ...wheel('carriageWheel', 'Carriage'), ...dial('crossSlide', 'Cross slide'), ...wheel('tailstockWheel', 'Tailstock'),
    { type: 'length', path: 'compoundSlide.travelPerTurnMm', label: 'Compound slide, travel of one turn', optional: true, makes: 'compoundSlide', about: 'empty: not known, then tapers and threads are told in travel' },
    { type: 'number', path: 'compoundSlide.divisions', label: 'Compound slide, divisions', start: '100' },
    { type: 'choice', path: 'compoundSlide.reads', label: 'Compound slide is marked with', start: 'radius', options: [{ value: 'radius', label: 'Slide travel' }, { value: 'diameter', label: 'Diameter' }] },
    { type: 'length', path: 'compoundSlide.backlashMm', label: 'Compound slide, backlash', optionalZero: true },
  ],
  'vertical-mill': [...wheel('tableWheel', 'Table'), ...dial('kneeDial', 'Knee'), ...wheel('quillWheel', 'Quill')],
  'horizontal-mill': [...wheel('tableWheel', 'Table'), ...dial('kneeDial', 'Knee'), ...wheel('quillWheel', 'Cross feed')],
  'drill-press': wheel('quillWheel', 'Quill handle'),
  shaper: [...wheel('tableWheel', 'Table'), ...dial('toolSlide', 'Tool slide'), { type: 'number', path: 'returnRatio', label: 'Time of the cutting stroke over the return', about: '1.3 to 2, commonly 1.5; at the longest stroke' }],
};

/** Feeds as each kind has them; a drill press is fed by hand. */
const FEEDS: Readonly<Record<MachineBody['kind'], FormGroup | null>> = {
  lathe: { title: 'Carriage feeds', fields: [
    { type: 'steps', path: 'feeds', label: 'Feed', valueKey: 'value', valueLabel: 'per turn', lengthPer: 'rev', about: 'Leave empty when it is fed by hand.' },
    { type: 'number', path: 'crossFeedRatio', label: 'Cross feed over carriage feed', about: '1 when they are the same, commonly 0.5' },
  ] },
  'vertical-mill': { title: 'Table feeds', fields: [{ type: 'steps', path: 'feeds', label: 'Feed', valueKey: 'value', valueLabel: 'per minute', lengthPer: 'min', about: 'Leave empty when it is fed by hand.' }] },
  'horizontal-mill': { title: 'Table feeds', fields: [{ type: 'steps', path: 'feeds', label: 'Feed', valueKey: 'value', valueLabel: 'per minute', lengthPer: 'min', about: 'Leave empty when it is fed by hand.' }] },
  'drill-press': null,
  shaper: { title: 'Table feeds', fields: [{ type: 'steps', path: 'feeds', label: 'Feed', valueKey: 'value', valueLabel: 'per stroke', lengthPer: 'stroke', about: 'What the ratchet gives at each tooth. Leave empty when it is fed by hand.' }] },
};

function machineGroups(raw: Raw): FormGroup[] {
  const kind = raw.kind as MachineBody['kind'];
  const feeds = FEEDS[kind];
  return [
    { title: 'The machine', fields: [
      name,
      { type: 'choice', path: 'condition', label: 'Condition', about: 'Tired: play in the spindle, worn gibs, slack. It lowers speed, feed and depth.', options: [{ value: 'rigid', label: 'Rigid' }, { value: 'ordinary', label: 'Ordinary' }, { value: 'tired', label: 'Tired' }] },
      { type: 'tick', path: 'light', label: 'Light build', about: 'small castings that bend' },
    ] },
    // With a drive the speeds come from its drawing.
    ...(raw.drive ? [] : [{ title: kind === 'shaper' ? 'Strokes a minute' : 'Spindle speeds', fields: [{ type: 'steps', path: 'speeds', label: 'Speed', valueKey: 'rpm', valueLabel: kind === 'shaper' ? 'a minute' : 'rpm', about: 'Every speed it has, with its belt or lever.' } as const] }]),
    ...(feeds ? [feeds] : []),
    { title: 'Handwheels', fields: WHEELS[kind] },
    ...(raw.drive ? [] : [MOTOR]),
    { title: 'Limits, empty where not known', fields: LIMITS[kind] },
    { title: 'Note', fields: [note] },
  ];
}

const stockGroups = (_: Raw, metals: Metals): FormGroup[] => [
  { title: 'The piece', fields: [
    name,
    { type: 'choice', path: 'metal', label: 'Metal, or the nearest to it', options: metals.options, long: true },
    { type: 'tick', path: 'uncertain', label: 'Not certain', about: 'picked by spark, file and chip: slower until it is known' },
    { type: 'choice', path: 'form', label: 'Form', options: [{ value: 'round', label: 'Round' }, { value: 'block', label: 'Block' }, { value: 'tube', label: 'Tube' }, { value: 'hexagon', label: 'Hexagon' }, { value: 'casting', label: 'Casting' }] },
    { type: 'length', path: 'sizeMm', label: 'Diameter or thickness' },
    { type: 'length', path: 'skinMm', label: 'Scale or skin, depth', optionalZero: true, about: '0 when it is clean' },
  ] },
  { title: 'Note', fields: [note] },
];

const metalGroups = (raw: Raw): FormGroup[] => {
  const base = material(MATERIALS.some((row) => row.key === raw.baseKey) ? String(raw.baseKey) : MATERIALS[0]!.key);
  const chart = (range: readonly [number, number] | null): string => (range ? `library: ${range[0]} to ${range[1]}` : 'library: none');
  return [
    { title: 'The metal', fields: [
      name,
      { type: 'choice', path: 'baseKey', label: 'Nearest in the library', options: MATERIALS.map((row) => ({ value: row.key, label: row.name })), about: 'What you leave empty below comes from there.', long: true },
    ] },
    { title: 'Cutting speeds of your own, m/min for turning', fields: OWN_SPEEDS.map(([source, label]): FieldSpec => ({ type: 'range', path: `ownSpeeds.${source}`, label: `${label} (${chart(base.speedMPerMin[source])})` })) },
    { title: 'Feeds of your own', fields: [
      { type: 'number', path: 'fzPerDiameter', label: `End mill, feed per tooth over diameter (library: ${base.fzPerDiameter})` },
      { type: 'number', path: 'drillFeedFactor', label: `Drill feed factor (library: ${base.drillFeedFactor})` },
    ] },
    { title: 'Note', fields: [note] },
  ];
};
const OWN_SPEEDS = [['hss', 'HSS'], ['hss-co', 'Cobalt HSS'], ['brazed-carbide', 'Brazed carbide'], ['carbide-uncoated', 'Uncoated carbide'], ['carbide-coated', 'Coated carbide']] as const;

const TOOL_KIND_WORDS: Readonly<Record<ToolBody['kind'], string>> = {
  'turning-tool': 'turning tool', 'boring-bar': 'boring bar', 'parting-blade': 'parting or grooving blade', 'threading-tool': 'threading tool', 'form-tool': 'form tool', 'knurling-tool': 'knurling tool', file: 'file',
  drill: 'drill', 'centre-drill': 'centre drill', reamer: 'reamer', 'end-mill': 'end mill', 'face-mill': 'face mill', 'fly-cutter': 'fly cutter', 'slitting-saw': 'slitting saw', 'form-cutter': 'form or gear cutter', 't-slot-cutter': 'T-slot cutter', 'dovetail-cutter': 'dovetail cutter',
};
const SHANK_WORDS: Partial<Record<ToolBody['kind'], string>> = { 'turning-tool': 'Height of the shank', 'boring-bar': 'Diameter of the bar', 'end-mill': 'Diameter of the shank', 'face-mill': 'Diameter of the shank', 'centre-drill': 'Diameter of the body', 't-slot-cutter': 'Diameter of the shank', 'dovetail-cutter': 'Diameter of the shank' };
const ROUND: Partial<Record<ToolBody['kind'], string>> = {
  drill: 'Diameter', 'centre-drill': 'Diameter of the pilot', reamer: 'Diameter', 'end-mill': 'Diameter', 'face-mill': 'Diameter', 'fly-cutter': 'Diameter of the tip circle', 'slitting-saw': 'Diameter', 'form-cutter': 'Diameter', 't-slot-cutter': 'Diameter of the head', 'dovetail-cutter': 'Largest diameter',
};
const TOOTHED: readonly ToolBody['kind'][] = ['end-mill', 'face-mill', 'reamer', 'slitting-saw', 'form-cutter', 't-slot-cutter', 'dovetail-cutter'];
/** Kinds that have a width, and what it is the width of. */
const WIDE: Partial<Record<ToolBody['kind'], readonly [label: string, about: string]>> = {
  'parting-blade': ['Width of the blade', 'empty: 2 mm'], 'form-tool': ['Width of the form', 'all that cuts at once; empty: 2 mm'], 'slitting-saw': ['Thickness of the saw', 'empty: 2 mm'], 'form-cutter': ['Width of the form', 'empty: 2 mm'], 't-slot-cutter': ['Height of the head', 'empty: 2 mm'],
};
const LONG: Partial<Record<ToolBody['kind'], string>> = { 'end-mill': 'Length of flute', 'face-mill': 'Length of flute', 'form-tool': 'Depth of the form', 'form-cutter': 'Depth of the form', 'dovetail-cutter': 'Height of the slant' };
const COATED: readonly ToolBody['kind'][] = ['turning-tool', 'boring-bar', 'parting-blade', 'drill', 'end-mill', 'face-mill'];
const SHARP: readonly ToolBody['kind'][] = ['turning-tool', 'boring-bar', 'threading-tool', 'fly-cutter'];
const ANGLED: Partial<Record<ToolBody['kind'], string>> = { 'face-mill': 'Approach angle, degrees', 'fly-cutter': 'Approach angle, degrees', 'dovetail-cutter': 'Angle of the dovetail, degrees' };

function toolGroups(raw: Raw): FormGroup[] {
  const kind = raw.kind as ToolBody['kind'];
  const turning = kind === 'turning-tool' || kind === 'boring-bar';
  const sizes: FieldSpec[] = [
    ...(ROUND[kind] ? [{ type: 'length', path: 'diameterMm', label: ROUND[kind], drill: kind === 'drill' } as const] : []),
    ...(TOOTHED.includes(kind) ? [{ type: 'number', path: 'teeth', label: 'Teeth' } as const] : []),
    ...(LONG[kind] ? [{ type: 'length', path: 'fluteLengthMm', label: LONG[kind] } as const] : []),
    ...(WIDE[kind] ? [{ type: 'length', path: 'bladeMm', label: WIDE[kind][0], optional: true, about: WIDE[kind][1] } as const] : []),
    ...(SHARP.includes(kind) ? [{ type: 'length', path: 'noseRadiusMm', label: 'Nose radius' } as const] : []),
    ...(kind === 'threading-tool' ? [{ type: 'number', path: 'cornerDeg', label: 'Angle of the thread, degrees', about: '60 metric and unified, 55 the old inch form' } as const] : []),
    ...(turning ? [
      { type: 'number', path: 'approachDeg', label: 'Approach angle, degrees', about: '90 is square to the work; inch books give the lead angle, 90 less this' } as const,
      { type: 'number', path: 'cornerDeg', label: 'Corner angle, degrees', about: 'between the two cutting edges' } as const,
    ] : []),
    ...(ANGLED[kind] ? [{ type: 'number', path: 'approachDeg', label: ANGLED[kind] } as const] : []),
    ...(kind === 'end-mill' ? [{ type: 'tick', path: 'centreCutting', label: 'Cuts at the centre', about: 'a tooth reaches the middle of the end: it may go straight down' } as const] : []),
    ...(COATED.includes(kind) ? [{ type: 'choice', path: 'coating', label: 'Coating', start: 'none', options: [{ value: 'none', label: 'None' }, { value: 'with-aluminium', label: 'Holds aluminium' }, { value: 'without-aluminium', label: 'Other' }], about: 'one that holds aluminium welds to aluminium' } as const] : []),
    ...(turning || kind === 'parting-blade' ? [{ type: 'number', path: 'rakeDeg', label: 'Rake, degrees', about: 'where the chip flows; empty: as it is usually ground' } as const] : []),
    ...(SHANK_WORDS[kind] ? [{ type: 'length', path: 'shankMm', label: SHANK_WORDS[kind], optional: true, about: 'empty: not known' } as const] : []),
  ];
  return [
    { title: 'The tool', fields: [
      name,
      { type: 'choice', path: 'kind', label: 'Kind', long: true, options: (Object.keys(TOOL_KIND_WORDS) as ToolBody['kind'][]).map((value) => ({ value, label: TOOL_KIND_WORDS[value].charAt(0).toUpperCase() + TOOL_KIND_WORDS[value].slice(1) })) },
      { type: 'choice', path: 'material', label: 'Edge', options: TOOL_MATERIALS.map((row) => ({ value: row.key, label: row.name })) },
      { type: 'tick', path: 'dull', label: 'Dull', about: 'speed and feed start lower until it is sharpened' },
    ] },
    { title: 'Size', fields: sizes },
    { title: 'Note', fields: [note] },
  ];
}

const newStock: StockBody = { name: '', metal: 'low-carbon-cold-drawn', form: 'round', sizeMm: 25, uncertain: false, skinMm: 0, note: '' };
const newMetal: MetalBody = { name: '', baseKey: 'low-carbon-cold-drawn', ownSpeeds: {}, note: '' };
const newTool: ToolBody = { name: '', kind: 'turning-tool', material: 'hss', dull: false, diameterMm: 10, teeth: 2, fluteLengthMm: 25, noseRadiusMm: 0.4, approachDeg: 90, cornerDeg: 80, note: '' };

export const KIND_SPECS: Readonly<Record<DrawerKind, KindSpec>> = {
  machines: {
    title: 'Machines', one: 'machine', schema: machineBody, groups: machineGroups,
    fresh: Object.fromEntries(Object.values(FRESH_MACHINES).map((body) => [body.kind, { label: `Add a ${MACHINE_WORDS[body.kind]}`, body }])),
    about: (body) => `${MACHINE_WORDS[body.kind as MachineBody['kind']]}, ${body.condition}, ${body.speeds.length} speeds${body.feeds.length === 0 ? ', hand feed' : ''}`,
  },
  stock: {
    title: 'Stock', one: 'piece of stock', schema: stockBody, groups: stockGroups, fresh: { stock: { label: 'Add stock', body: newStock } },
    about: (body, metals) => `${metals.nameOf(body.metal as string)}${body.uncertain ? ', not certain' : ''}`,
  },
  tools: {
    title: 'Tools', one: 'tool', schema: toolBody, groups: toolGroups, fresh: { tool: { label: 'Add a tool', body: newTool } },
    about: (body) => `${toolMaterial(body.material as string).name}, ${TOOL_KIND_WORDS[body.kind as ToolBody['kind']]}${body.dull ? ', dull' : ''}`,
  },
  metals: {
    title: 'Metals', one: 'metal of your own', schema: metalBody, groups: metalGroups, fresh: { metal: { label: 'Add a metal', body: newMetal } },
    about: (body) => `${material(body.baseKey as string).name}, ${Object.keys(body.ownSpeeds as object).length} own speeds`,
  },
};

export const isDrawerKind = (kind: string | undefined): kind is DrawerKind => kind !== undefined && kind in KIND_SPECS;
