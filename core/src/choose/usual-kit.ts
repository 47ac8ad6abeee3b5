import type { MachineKind } from '../machine/machine';
import type { KitItem } from './starting-kit';
import type { ChoiceSchool } from './weigh';

/** What a shop needs to be able to do, with how much each counts. */
export type KitNeed =
  | 'size-outside'
  | 'size-inside'
  | 'set-on-centre'
  | 'find-true'
  | 'square'
  | 'speed'
  | 'edge-for-soft'
  | 'edge-for-steel'
  | 'edge-for-hard'
  | 'holes'
  | 'threads'
  | 'part-off'
  | 'flat-faces'
  | 'slots'
  | 'sharpen';

/** Metals that a machine will see, as far as they decide what edges are needed. */
export interface KitMetals {
  readonly soft: boolean;
  readonly steel: boolean;
  /** Stainless, pre-hardened, iron with skin. */
  readonly hard: boolean;
}

type Needs = Partial<Record<KitNeed, number>>;

/** Measuring and setting, on any machine. */
const EVERY: Needs = { 'size-outside': 5, 'size-inside': 3, 'find-true': 4, square: 2, speed: 2, sharpen: 3 };
const OF_MACHINE: Readonly<Record<MachineKind, Needs>> = {
  lathe: { 'set-on-centre': 4, holes: 3, 'part-off': 3, threads: 1 },
  'vertical-mill': { 'flat-faces': 4, slots: 4, holes: 3, square: 3 },
  'horizontal-mill': { 'flat-faces': 4, slots: 3, square: 3 },
  'drill-press': { holes: 5, threads: 1 },
  shaper: { 'flat-faces': 5, square: 3 },
};

/** Weight of each need for a machine and the metals it will see; ours. */
export function kitNeeds(machine: MachineKind, { soft, steel, hard }: KitMetals): Record<string, number> {
  return {
    ...EVERY,
    ...OF_MACHINE[machine],
    ...(soft && { 'edge-for-soft': 4 }),
    ...(steel && { 'edge-for-steel': 5 }),
    ...(hard && { 'edge-for-hard': 4 }),
  };
}

interface UsualItem extends KitItem {
  readonly covers: Partial<Record<KitNeed, number>> & Record<string, number>;
  /** Machines it is of use on; left out: all. */
  readonly on?: readonly MachineKind[];
  readonly family?: 'hss' | 'carbide';
  /** What is ground at the wheel instead of bought, once there is one. */
  readonly grinds?: string;
}

const TURNING: readonly MachineKind[] = ['lathe', 'shaper'];
const MILLS: readonly MachineKind[] = ['vertical-mill', 'horizontal-mill'];

/** Things a shop begins with, with typical prices and what each covers of a need; ours. */
const ITEMS: readonly UsualItem[] = [
  { name: 'Digital caliper', cost: 35, covers: { 'size-outside': 0.7, 'size-inside': 0.5 } },
  { name: 'Micrometer 0-25', cost: 45, covers: { 'size-outside': 0.8 } },
  { name: 'Telescopic gauges', cost: 35, covers: { 'size-inside': 0.6 }, after: ['Micrometer 0-25'] },
  { name: 'Dial indicator with stand', cost: 60, covers: { 'find-true': 0.85, square: 0.4 } },
  { name: 'Centre gauge', cost: 12, covers: { 'set-on-centre': 0.6 }, on: ['lathe'] },
  { name: 'Engineer’s square', cost: 25, covers: { square: 0.8 } },
  { name: 'Tachometer', cost: 25, covers: { speed: 0.9 } },
  { name: 'Bench grinder with two wheels', cost: 90, covers: { sharpen: 0.7 } },
  {
    name: 'Dressing tool and stone',
    cost: 20,
    covers: { sharpen: 0.6 },
    after: ['Bench grinder with two wheels'],
  },
  {
    name: 'HSS blanks, three',
    cost: 30,
    covers: { 'edge-for-soft': 0.9, 'edge-for-steel': 0.7, 'part-off': 0.4, threads: 0.7, 'flat-faces': 0.5 },
    after: ['Bench grinder with two wheels'],
    on: TURNING,
    family: 'hss',
    grinds: 'knife tool, round nose, threading and parting bits',
  },
  {
    name: 'Brazed carbide bits, set',
    cost: 28,
    covers: { 'edge-for-hard': 0.6, 'edge-for-steel': 0.4 },
    on: TURNING,
    family: 'carbide',
  },
  {
    name: 'Insert holder with coated inserts',
    cost: 75,
    covers: { 'edge-for-hard': 0.8, 'edge-for-steel': 0.7 },
    on: TURNING,
    family: 'carbide',
  },
  {
    name: 'Polished inserts for it',
    cost: 36,
    covers: { 'edge-for-soft': 0.7, 'edge-for-steel': 0.2 },
    after: ['Insert holder with coated inserts'],
    on: TURNING,
    family: 'carbide',
  },
  { name: 'Parting blade and holder', cost: 40, covers: { 'part-off': 0.8 }, on: ['lathe'] },
  { name: 'Centre drills and a set of drills', cost: 45, covers: { holes: 0.8 } },
  { name: 'Boring bar', cost: 35, covers: { holes: 0.4, 'size-inside': 0.1 }, on: ['lathe'] },
  { name: 'Taps and dies, common sizes', cost: 60, covers: { threads: 0.8 } },
  {
    name: 'HSS slot drills 6, 10 and 16',
    cost: 55,
    covers: { slots: 0.7, 'edge-for-soft': 0.5, 'edge-for-steel': 0.5, 'flat-faces': 0.3 },
    on: MILLS,
    family: 'hss',
  },
  {
    name: 'HSS end mills 10 and 20, four flutes',
    cost: 60,
    covers: { 'edge-for-steel': 0.5, 'flat-faces': 0.5, slots: 0.2 },
    on: MILLS,
    family: 'hss',
  },
  {
    name: 'Carbide end mills 6 and 10',
    cost: 70,
    covers: { 'edge-for-hard': 0.8, 'edge-for-steel': 0.4, slots: 0.4 },
    on: MILLS,
    family: 'carbide',
  },
  {
    name: 'Fly cutter with a ground bit',
    cost: 30,
    covers: { 'flat-faces': 0.7, 'edge-for-soft': 0.4 },
    after: ['Bench grinder with two wheels'],
    on: MILLS,
    family: 'hss',
    grinds: 'the bit of the fly cutter',
  },
  {
    name: 'Face mill 50 with inserts',
    cost: 110,
    covers: { 'flat-faces': 0.85, 'edge-for-hard': 0.4 },
    on: MILLS,
    family: 'carbide',
  },
];

/** A school counts what it likes this much more, and the other this much less. */
const LIKED = 1.2;
const LESS = 0.8;

/** The things that are of use on a machine, with a school's liking counted in. */
export function kitItems(machine: MachineKind, school: ChoiceSchool): readonly UsualItem[] {
  const liked = school === 'hss-first' ? 'hss' : school === 'inserts-first' ? 'carbide' : null;
  return ITEMS.filter(({ on }) => on === undefined || on.includes(machine)).map((item) => {
    if (liked === null || item.family === undefined) return item;
    const times = item.family === liked ? LIKED : LESS;
    const covers = Object.fromEntries(
      Object.entries(item.covers).map(([need, share]) => [need, Math.min(1, (share ?? 0) * times)]),
    );
    return { ...item, covers };
  });
}

/** What to grind at the wheel instead of buying, once a thing of the kit is there; null for most. */
export const groundInstead = (name: string): string | null =>
  ITEMS.find((item) => item.name === name)?.grinds ?? null;

/** The order of a kit in three parts: first half of what it is worth, then to nine tenths, then the rest. */
const PARTS = [0.5, 0.9] as const;
export type KitWhen = 'first' | 'second' | 'later';

/** When each step of a kit is bought, by how much of the whole it has covered before it. */
export function kitWhen(gains: readonly number[]): KitWhen[] {
  const all = gains.reduce((sum, gain) => sum + gain, 0);
  let before = 0;
  return gains.map((gain) => {
    const share = before / all;
    before += gain;
    return share < PARTS[0] ? 'first' : share < PARTS[1] ? 'second' : 'later';
  });
}
