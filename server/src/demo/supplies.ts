import type { LedgerBody, SupplyBody, SupplyOf } from '@pike-stone/contract';
import { demoId } from './shop';

const box = (
  name: string,
  material: 'carbide-coated' | 'carbide-uncoated',
  edgesEach: number,
  price: number,
  noseRadiusMm?: number,
): SupplyBody => ({
  kind: 'insert-box',
  name,
  material,
  edgesEach,
  price,
  noseRadiusMm,
  place: 'Rack 1, box shelf',
  note: '',
});
const blank = (
  name: string,
  side: number,
  material: 'hss' | 'hss-co' | 'carbon-steel',
  price: number,
): SupplyBody => ({
  kind: 'blank',
  name,
  material,
  widthMm: side,
  heightMm: side,
  regrindMm: 0.5,
  price,
  place: 'Grinder, tin',
  note: '',
});
const holder = (name: string, shankMm: number): SupplyBody => ({
  kind: 'holder',
  name,
  shankMm,
  place: 'Rack 1',
  note: '',
});
const idOf = (n: number): string => demoId(6, n);
/** Grinders. */
const GRINDER = { bench: idOf(20), post: idOf(21) } as const;
/** Wheels that their dress book names. */
export const WHEEL = {
  grey: idOf(13),
  white: idOf(14),
  green: idOf(15),
  cup: idOf(16),
  post: idOf(22),
} as const;

const wheel = (
  name: string,
  diameterMm: number,
  note: string,
  more: Partial<SupplyOf<'wheel'>> = {},
): SupplyBody => ({ kind: 'wheel', name, diameterMm, widthMm: 20, place: 'Grinder', note, ...more });
const stone = (name: string): SupplyBody => ({ kind: 'stone', name, place: 'Bench, oil drawer', note: '' });

/** Boxes, blanks, holders, wheels and stones. */
export const SUPPLIES: readonly SupplyBody[] = [
  box('Coated inserts 0.8, 80°', 'carbide-coated', 4, 8.5, 0.8),
  box('Coated inserts 0.4, 80°', 'carbide-coated', 4, 8.5, 0.4),
  box('Polished inserts 0.4, 55°', 'carbide-uncoated', 2, 7.2, 0.4),
  box('Face mill inserts, coated', 'carbide-coated', 4, 9, 0.4),
  box('Parting inserts 3', 'carbide-coated', 1, 6.8),
  blank('HSS blank 10 square', 10, 'hss', 11),
  blank('HSS blank 12 square', 12, 'hss', 15),
  blank('Cobalt blank 8 square', 8, 'hss-co', 16),
  blank('Carbon steel bar for gravers', 6, 'carbon-steel', 4),
  holder('Holder for 80° inserts, right', 16),
  holder('Holder for 55° inserts, right', 16),
  holder('Bit holder 10, straight', 20),
  wheel('Aluminium oxide 60, grey', 141, 'For shaping HSS; runs on the left.', {
    markedMm: 150,
    marking: '51 A 60 L 5 V 23 35 m/s',
    abrasive: 'grey-alumina',
    grit: 60,
    form: 'straight',
    ratedMPerS: 35,
    grinderId: GRINDER.bench,
  }),
  wheel('Aluminium oxide 100, white', 146, 'For finishing HSS; runs on the right.', {
    markedMm: 150,
    marking: 'WA 100 J 8 V 35 m/s',
    abrasive: 'white-alumina',
    grit: 100,
    form: 'straight',
    ratedMPerS: 35,
    grinderId: GRINDER.bench,
  }),
  wheel('Silicon carbide 80, green', 150, 'For brazed carbide only, with the dust drawn off.', {
    marking: 'GC 80 H 7 V',
    abrasive: 'green-silicon-carbide',
    grit: 80,
    form: 'straight',
  }),
  wheel('Diamond cup 100', 100, '', { abrasive: 'diamond', grit: 240, form: 'cup', ratedMPerS: 35 }),
  stone('India stone, medium'),
  stone('Hard Arkansas slip'),
  stone('Diamond card, fine'),
  {
    kind: 'grinder',
    name: 'Bench grinder',
    rpm: 2850,
    stands: 'bench',
    flangeMm: 60,
    place: 'By the door',
    note: '',
  },
  {
    kind: 'grinder',
    name: 'Tool-post grinder',
    rpm: 8000,
    stands: 'tool-post',
    flangeMm: 25,
    place: 'Bay lathe, drawer',
    note: 'Clamped by its collar.',
  },
  wheel('Tool-post wheel 60', 60, 'For end mills.', {
    widthMm: 10,
    markedMm: 63,
    marking: 'WA 80 J 7 V 35 m/s',
    abrasive: 'white-alumina',
    grit: 80,
    form: 'straight',
    ratedMPerS: 35,
    grinderId: GRINDER.post,
    place: 'Bay lathe, drawer',
  }),
  {
    kind: 'gauge-set',
    name: 'Old 47 blocks, 1.3 lost',
    unit: 'mm',
    pieces:
      '1.005 1.01 1.02 1.03 1.04 1.05 1.06 1.07 1.08 1.09 1.1 1.2 1.4 1.5 1.6 1.7 1.8 1.9 1 2 3 4 5 6 7 8 9 10 11 12 13 14 15 16 17 18 19 20 21 22 23 24 25 50 75 100',
    place: 'Tool cupboard, top',
    note: 'The 1.3 went over the side with the chain.',
  },
  {
    kind: 'dividing-head',
    name: 'Dividing head of the mill',
    ratio: 40,
    circles: '15 16 17 18 19 20 / 21 23 27 29 31 33 / 37 39 41 43 47 49',
    gears: '24 24 28 32 40 44 48 56 64 72 86 100',
    place: 'Under the mill',
    note: '',
  },
];

/** Boxes that tools take their inserts from. */
export const BOX = { coated08: idOf(1), coated04: idOf(2), polished: idOf(3) } as const;

const entry = (
  at: string,
  of: LedgerBody['of'],
  itemId: string | null,
  act: LedgerBody['act'],
  more: Partial<LedgerBody>,
): LedgerBody => ({
  of,
  itemId,
  at: `${at}T09:00:00.000Z`,
  act,
  edges: 0,
  lengthMm: 0,
  massG: 0,
  cost: 0,
  note: '',
  ...more,
});
const used = (at: string, box: string, cost: number, act: 'used' | 'broken' = 'used', note = '') =>
  entry(at, 'supplies', box, act, { edges: -1, cost, note });
const knife = demoId(3, 1);
const roundNose = demoId(3, 2);
const wornKnife = demoId(3, 5);
const endMill20 = demoId(3, 19);

/** What happened to them: the stock is the sum of these. */
export const LEDGER: readonly LedgerBody[] = [
  entry('2026-05-04', 'supplies', BOX.coated08, 'bought', { edges: 40, cost: 85 }),
  entry('2026-05-04', 'supplies', BOX.coated04, 'bought', { edges: 20, cost: 42.5 }),
  entry('2026-05-04', 'supplies', BOX.polished, 'bought', { edges: 10, cost: 36 }),
  entry('2026-05-11', 'supplies', idOf(4), 'bought', { edges: 40, cost: 90 }),
  entry('2026-05-11', 'supplies', idOf(5), 'bought', { edges: 10, cost: 68 }),
  entry('2026-05-11', 'supplies', idOf(6), 'bought', { lengthMm: 80, cost: 11 }),
  entry('2026-05-11', 'supplies', idOf(7), 'bought', { lengthMm: 100, cost: 15 }),
  entry('2026-05-11', 'supplies', idOf(8), 'bought', { lengthMm: 60, cost: 16 }),
  entry('2026-05-12', 'tools', knife, 'counted', { lengthMm: 24 }),
  entry('2026-05-12', 'tools', roundNose, 'counted', { lengthMm: 31 }),
  entry('2026-05-12', 'tools', wornKnife, 'counted', { lengthMm: 0.4, note: 'nearly gone' }),
  entry('2026-05-12', 'tools', endMill20, 'counted', { lengthMm: 0.6 }),
  used('2026-06-02', BOX.coated08, 2.13),
  used('2026-06-19', BOX.coated08, 2.13),
  used('2026-07-08', BOX.coated08, 2.13, 'broken', 'gate of the sheave casting'),
  used('2026-07-08', BOX.coated04, 2.13),
  entry('2026-07-15', 'tools', knife, 'ground', { lengthMm: -0.5, cost: 2.5 }),
  used('2026-08-03', BOX.polished, 3.6),
  used('2026-08-14', BOX.polished, 3.6),
  used('2026-08-29', BOX.polished, 3.6, 'broken'),
  used('2026-09-10', BOX.polished, 3.6),
  used('2026-09-21', BOX.polished, 3.6),
  used('2026-10-02', BOX.polished, 3.6),
  used('2026-10-15', BOX.polished, 3.6),
  entry('2026-10-20', 'tools', roundNose, 'ground', { lengthMm: -0.5, cost: 2.5 }),
  entry('2026-10-28', 'scrap', null, 'scrapped', { massG: 140, note: 'used inserts and a broken drill' }),
];
