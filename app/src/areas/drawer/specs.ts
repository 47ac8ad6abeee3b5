import { GAUGE_SETS, PLATE_SETS, STEPS_PER_UNIT, USUAL_HEAD_GEARS } from '@pike-stone/core/setting';
import {
  machineBody,
  metalBody,
  stockBody,
  supplyBody,
  toolBody,
  type Body,
  type DrawerKind,
  type MetalBody,
  type StockBody,
  type SupplyBody,
  type ToolBody,
} from '@pike-stone/contract';
import { MATERIALS, material, toolMaterial } from '@pike-stone/core';
import { MACHINE_WORDS } from '@pike-stone/words';
import type { FieldValues } from 'react-hook-form';
import type { ZodType } from 'zod';
import type { Metals } from '../../data/metals';
import { FRESH_MACHINES } from '../machine/fresh-machines';
import { NAME, NOTE, type FieldSpec, type FormGroup, type Raw } from './form-spec';
import { ALL_SIZES, TOOL_KIND_WORDS, toolGroups, USUAL_SIZES } from './tool-groups';
import { machineGroups } from './machine-groups';
import { ALL_SUPPLY_SIZES, SUPPLY_WORDS, supplyGroups, USUAL_SUPPLY } from './supply-groups';

/** A ready-made beginning of a new record. */
interface Beginning<K extends DrawerKind> {
  /** Names it in the address. */
  readonly type: string;
  readonly label: string;
  readonly body: Body<K>;
}

interface KindSpec<K extends DrawerKind> {
  readonly title: string;
  readonly one: string;
  readonly schema: ZodType<Body<K>>;
  readonly groups: (raw: Raw, metals: Metals) => readonly FormGroup[];
  /** Fields that are asked when another kind is chosen, and what stands in them then. */
  readonly others?: { readonly groups: readonly FormGroup[]; readonly values: FieldValues };
  readonly fresh: readonly Beginning<K>[];
  /** What one with this body is called, when that says more than `one`. */
  readonly oneOf?: (body: Body<K>) => string;
  /** The line under its name in a list. */
  readonly about: (body: Body<K>, metals: Metals) => string;
}

const stockGroups = (_: Raw, metals: Metals): FormGroup[] => [
  {
    title: 'The piece',
    fields: [
      NAME,
      {
        type: 'choice',
        path: 'metal',
        label: 'Metal, or the nearest to it',
        options: metals.options,
        long: true,
      },
      {
        type: 'tick',
        path: 'uncertain',
        label: 'Not certain',
        about: 'picked by spark, file and chip: slower until it is known',
      },
      {
        type: 'choice',
        path: 'form',
        label: 'Form',
        options: [
          { value: 'round', label: 'Round' },
          { value: 'block', label: 'Block' },
          { value: 'tube', label: 'Tube' },
          { value: 'hexagon', label: 'Hexagon' },
          { value: 'casting', label: 'Casting' },
        ],
      },
      { type: 'length', path: 'sizeMm', label: 'Diameter or thickness' },
      {
        type: 'length',
        path: 'skinMm',
        label: 'Scale or skin, depth',
        optionalZero: true,
        about: '0 when it is clean',
      },
    ],
  },
  { title: 'Note', fields: [NOTE] },
];

const metalGroups = (raw: Raw): FormGroup[] => {
  const base = material(
    MATERIALS.some((row) => row.key === raw.baseKey) ? String(raw.baseKey) : MATERIALS[0]!.key,
  );
  const chart = (range: readonly [number, number] | null): string =>
    range ? `library: ${range[0]} to ${range[1]}` : 'library: none';
  return [
    {
      title: 'The metal',
      fields: [
        NAME,
        {
          type: 'choice',
          path: 'baseKey',
          label: 'Nearest in the library',
          options: MATERIALS.map((row) => ({ value: row.key, label: row.name })),
          about: 'What you leave empty below comes from there.',
          long: true,
        },
      ],
    },
    {
      title: 'Cutting speeds of your own, m/min for turning',
      fields: OWN_SPEEDS.map(([source, label]): FieldSpec => ({
        type: 'range',
        path: `ownSpeeds.${source}`,
        label: `${label} (${chart(base.speedMPerMin[source])})`,
      })),
    },
    {
      title: 'Feeds of your own',
      fields: [
        {
          type: 'number',
          path: 'fzPerDiameter',
          label: `End mill, feed per tooth over diameter (library: ${base.fzPerDiameter})`,
        },
        {
          type: 'number',
          path: 'drillFeedFactor',
          label: `Drill feed factor (library: ${base.drillFeedFactor})`,
        },
      ],
    },
    { title: 'Note', fields: [NOTE] },
  ];
};
const OWN_SPEEDS = [
  ['hss', 'HSS'],
  ['hss-co', 'Cobalt HSS'],
  ['brazed-carbide', 'Brazed carbide'],
  ['carbide-uncoated', 'Uncoated carbide'],
  ['carbide-coated', 'Coated carbide'],
] as const;

const newStock: StockBody = {
  name: '',
  metal: 'low-carbon-cold-drawn',
  form: 'round',
  sizeMm: 25,
  uncertain: false,
  skinMm: 0,
  note: '',
};
const newMetal: MetalBody = { name: '', baseKey: 'low-carbon-cold-drawn', ownSpeeds: {}, note: '' };
const newTool: ToolBody = {
  name: '',
  kind: 'turning-tool',
  material: 'hss',
  dull: false,
  noseRadiusMm: USUAL_SIZES.noseRadiusMm,
  approachDeg: USUAL_SIZES.approachDeg,
  cornerDeg: USUAL_SIZES.cornerDeg,
  note: '',
};

const newSupply: SupplyBody = {
  kind: 'insert-box',
  name: '',
  material: 'carbide-coated',
  edgesEach: USUAL_SUPPLY.edgesEach,
  note: '',
};

const newWheel: SupplyBody = { kind: 'wheel', name: '', diameterMm: USUAL_SUPPLY.diameterMm, note: '' };
const newGrinder: SupplyBody = {
  kind: 'grinder',
  name: '',
  rpm: USUAL_SUPPLY.rpm,
  stands: USUAL_SUPPLY.stands,
  note: '',
};

const newGaugeSet: SupplyBody = {
  kind: 'gauge-set',
  name: '',
  unit: 'mm',
  pieces: GAUGE_SETS['metric-47'].steps.map((steps) => steps / STEPS_PER_UNIT.mm).join(' '),
  note: '',
};
const newHead: SupplyBody = {
  kind: 'dividing-head',
  name: '',
  ratio: 40,
  circles: PLATE_SETS['three-plates'].map((side) => side.join(' ')).join(' / '),
  gears: USUAL_HEAD_GEARS.join(' '),
  note: '',
};

export const KIND_SPECS: { readonly [K in DrawerKind]: KindSpec<K> } = {
  machines: {
    title: 'Machines',
    one: 'machine',
    schema: machineBody,
    groups: machineGroups,
    oneOf: ({ kind }) => MACHINE_WORDS[kind],
    fresh: Object.values(FRESH_MACHINES).map((body) => ({
      type: body.kind,
      label: `Add a ${MACHINE_WORDS[body.kind]}`,
      body,
    })),
    about: (body) =>
      `${MACHINE_WORDS[body.kind]}, ${body.condition}, ${body.speeds.length} speeds${body.feeds.length === 0 ? ', hand feed' : ''}`,
  },
  stock: {
    title: 'Stock',
    one: 'piece of stock',
    schema: stockBody,
    groups: stockGroups,
    fresh: [{ type: 'stock', label: 'Add stock', body: newStock }],
    about: (body, metals) => `${metals.nameOf(body.metal)}${body.uncertain ? ', not certain' : ''}`,
  },
  tools: {
    title: 'Tools',
    one: 'tool',
    schema: toolBody,
    groups: toolGroups,
    others: { groups: ALL_SIZES, values: USUAL_SIZES },
    fresh: [{ type: 'tool', label: 'Add a tool', body: newTool }],
    about: (body) =>
      `${toolMaterial(body.material).name}, ${TOOL_KIND_WORDS[body.kind]}${body.dull ? ', dull' : ''}`,
  },
  supplies: {
    title: 'Stores',
    one: 'box, blank, wheel or grinder',
    schema: supplyBody,
    groups: supplyGroups,
    others: { groups: ALL_SUPPLY_SIZES, values: USUAL_SUPPLY },
    oneOf: ({ kind }) => SUPPLY_WORDS[kind],
    fresh: [
      { type: 'box', label: 'Add a box, blank or wheel', body: newSupply },
      { type: 'wheel', label: 'Add a wheel', body: newWheel },
      { type: 'grinder', label: 'Add a grinder', body: newGrinder },
      { type: 'gauge-set', label: 'Add blocks or feelers', body: newGaugeSet },
      { type: 'dividing-head', label: 'Add a dividing head', body: newHead },
    ],
    about: (body) => [SUPPLY_WORDS[body.kind], body.place].filter(Boolean).join(', '),
  },
  metals: {
    title: 'Metals',
    one: 'metal of your own',
    schema: metalBody,
    groups: metalGroups,
    fresh: [{ type: 'metal', label: 'Add a metal', body: newMetal }],
    about: (body) => `${material(body.baseKey).name}, ${Object.keys(body.ownSpeeds).length} own speeds`,
  },
};

/** The facts of a kind, with its own body type. */
export const specOf = <K extends DrawerKind>(kind: K): KindSpec<K> => KIND_SPECS[kind];

export const isDrawerKind = (kind: string | undefined): kind is DrawerKind =>
  kind !== undefined && kind in KIND_SPECS;

/** Every kind with its title, as choices. */
export const KIND_OPTIONS = Object.keys(KIND_SPECS)
  .filter(isDrawerKind)
  .map((value) => ({ value, label: KIND_SPECS[value].title }));
