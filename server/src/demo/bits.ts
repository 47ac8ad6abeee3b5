import type { BitBody, GrindBody } from '@pike-stone/contract';
import { bitPlanFor, type BitShape, type Hand } from '@pike-stone/core/grind';
import { demoId } from './shop';
import { WHEEL as STORE_WHEEL } from './supplies';

const WHEEL = { diameterMm: 150, contactMm: 0, hollow: true } as const;

interface Ground {
  readonly name: string;
  readonly shape: BitShape;
  readonly hand?: Hand;
  readonly side?: number;
  readonly lengthMm?: number;
  readonly metalKey?: string | null;
  readonly more?: Partial<BitBody>;
}

/** A bit of the demo shop as it begins for its metal. */
function bit({
  name,
  shape,
  hand = 'right',
  side = 10,
  lengthMm = 63,
  metalKey = null,
  more = {},
}: Ground): BitBody {
  const school = metalKey === null ? 'general' : 'per-metal';
  const plan = bitPlanFor({
    shape,
    hand,
    blank: { section: 'square', lengthMm, widthMm: side, heightMm: side },
    wheel: WHEEL,
    school,
    materialKey: metalKey,
  });
  return {
    name,
    ...plan,
    material: 'hss',
    blankId: null,
    school,
    heat: 'air',
    metalKey,
    use: null,
    gripMm: 30,
    overhangMm: 12,
    state: 'ground',
    toolId: null,
    place: 'Grinder, bit rack',
    note: '',
    ...more,
  };
}

/** Bits in hand, two to be ground, and one that was ground wrong. */
export const BITS: readonly BitBody[] = [
  bit({ name: 'General bit 10', shape: 'general' }),
  bit({ name: 'General bit 10, left', shape: 'general', hand: 'left', lengthMm: 54 }),
  bit({ name: 'Knife for the winch shafts', shape: 'knife', metalKey: 'medium-carbon', lengthMm: 58 }),
  bit({ name: 'Bush bronze facing', shape: 'facing', metalKey: 'phosphor-bronze' }),
  bit({ name: 'Round nose 3', shape: 'round-nose', lengthMm: 60 }),
  bit({ name: 'Parting 3', shape: 'parting', side: 12, lengthMm: 75 }),
  bit({
    name: 'Boring bit for the pump bushes',
    shape: 'boring',
    side: 6,
    lengthMm: 40,
    metalKey: 'phosphor-bronze',
    more: {
      gripMm: 12,
      overhangMm: 8,
      use: { side: 'bore', diameterMm: 26, depthMm: 0.8, feedMm: 0.1, heightErrorMm: 0 },
    },
  }),
  bit({ name: 'Metric threads', shape: 'thread-60', side: 8, lengthMm: 50 }),
  bit({ name: 'Pipe threads', shape: 'thread-55', side: 8, lengthMm: 50 }),
  bit({
    name: 'Chamfer, both sides',
    shape: 'chamfer-90',
    side: 8,
    lengthMm: 46,
    more: { use: { side: 'bore', diameterMm: 30, depthMm: 1.5, feedMm: 0.08, heightErrorMm: 0 } },
  }),
  bit({ name: 'Brass hexagon bit', shape: 'brass', metalKey: 'brass-free-cutting', lengthMm: 57 }),
  bit({
    name: 'Shear finisher',
    shape: 'shear',
    side: 12,
    lengthMm: 70,
    more: { wheel: { ...WHEEL, wheelId: STORE_WHEEL.white } },
  }),
  bit({
    name: 'Squeals on the railing bar',
    shape: 'general',
    lengthMm: 55,
    more: {
      state: 'dull',
      use: { side: 'outside', diameterMm: 32, depthMm: 1.5, feedMm: 0.2, heightErrorMm: 0 },
      note: 'Shiny band under the edge. Ground wrong, to find out why.',
    },
  }),
  bit({
    name: 'Fly-cutter tip for the hatch plates',
    shape: 'fly-cutter',
    metalKey: 'aluminium-wrought',
    more: { state: 'planned' },
  }),
];

const SQUEALS = 13;
/** Sessions at the grinder. */
export const GRINDS: readonly GrindBody[] = [
  {
    bitId: demoId(8, 1),
    startedAt: '2026-06-11T08:10:00.000Z',
    finishedAt: '2026-06-11T08:31:00.000Z',
    why: 'new',
    wear: null,
    done: ['side', 'front', 'rake', 'nose', 'hone'],
    readings: [
      { step: 'side', plane: 'across-shank', deg: 10.5, by: 'gauge' },
      { step: 'front', plane: 'along-shank', deg: 8, by: 'typed' },
      { step: 'rake', plane: 'across-shank', deg: 12, by: 'gauge' },
    ],
    stockMm: 0.2,
    lengthAfterMm: 63,
    noseRadiusMm: 0.8,
    note: '',
  },
  {
    bitId: demoId(8, SQUEALS),
    startedAt: '2026-07-02T15:40:00.000Z',
    finishedAt: '2026-07-02T15:52:00.000Z',
    why: 'regrind',
    wear: 'blunt',
    done: ['side', 'front', 'nose'],
    readings: [{ step: 'side', plane: 'across-shank', deg: 2, by: 'typed' }],
    stockMm: 0.3,
    lengthAfterMm: 55,
    noseRadiusMm: 0.8,
    note: 'In a hurry, by eye.',
  },
];
