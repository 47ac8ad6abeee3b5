import { BELT_LATHE, HAND_MILL, INSERT, setup, TOOLS } from '../fixture';
import { of } from '../operation/golden.fixture';
import type { CutSetup } from '../operation/registry';
import type { Tool } from '../tool/tool';
import { rankTools } from './rank-tools';
import { DEFAULT_RULES } from './rules';

const ranked = (cut: CutSetup, ...tools: readonly Tool[]) =>
  rankTools(
    cut,
    tools.map((body) => ({ body })),
    DEFAULT_RULES,
  ).map(({ item, rank, drawback }) => [item.body.name, rank, drawback]);
const knife = TOOLS['turning-tool'];

it('puts what suits first, with the one thing against the others', () =>
  expect(
    ranked(
      setup({ stock: of('medium-carbon'), workDiameterMm: 60 }),
      { ...knife, name: 'Worn', dull: true },
      { ...knife, name: 'Polished', material: 'carbide-uncoated' },
      TOOLS.drill,
      knife,
      { ...INSERT, name: 'Insert' },
    ),
  ).toEqual([
    ['Knife tool', 0, null],
    ['Insert', 0, null],
    ['Worn', 1, 'dull'],
    ['Polished', 1, 'soft-metals-only'],
  ]));

it('carbide on a machine too slow for it, a cutter without a collet, a bar thicker than its bore', () => {
  expect(ranked(setup({ workDiameterMm: 8, stickOutMm: 12 }), INSERT)).toEqual([
    ['Insert', 1, 'too-slow-here'],
  ]);
  const mill = { ...HAND_MILL, limits: { colletsMm: [6, 10] } };
  expect(ranked(setup({ operation: 'mill-slot', machine: mill }), TOOLS['end-mill'])).toEqual([
    ['End mill', 1, 'no-collet'],
  ]);
  expect(
    ranked(setup({ operation: 'bore', machine: BELT_LATHE, workDiameterMm: 12 }), TOOLS['boring-bar']),
  ).toEqual([['Bar', 2, 'does-not-fit']]);
});
