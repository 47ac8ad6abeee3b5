import { TOOLS, setup } from '../../fixture';
import { of, type Golden } from '../golden.fixture';

export const formMillGolden: readonly Golden[] = [
  {
    name: 'a form 5 mm deep',
    setup: setup({ operation: 'form-mill' }),
    // bright bar 26 to 38, middle 32, × 0.90 for milling.
    aimMPerMin: 32 * 0.9,
    // 1000 × 28.8 ÷ (π × 60) = 153.
    rpm: 85,
    // 0.006 D × 0.5 is over the 0.06 of a form; a twelfth deep thins the chip, by hand at most 1.5; 14 teeth.
    feedMmRev: 0.06 * 1.5 * 14,
    // the whole form.
    depthMm: 5,
    widthMm: 6,
    says: ['chip-thinning'],
  },
  {
    name: 'a form deeper than a third of its cutter, in aluminium',
    setup: setup({
      operation: 'form-mill',
      tool: { ...TOOLS['form-cutter'], depthMm: 30 },
      stock: of('aluminium-wrought'),
    }),
    // 60 to 150, middle 105, × 0.95 for milling.
    aimMPerMin: 105 * 0.95,
    // 1000 × 99.75 ÷ (π × 60) = 529.
    rpm: 210,
    // at most 0.06; a third deep thins the chip by 1.06; 14 teeth.
    feedMmRev: (0.06 * 14) / (2 * Math.sqrt(2 / 9)),
    // a third of the cutter: the arbor is in the way.
    depthMm: 20,
    widthMm: 6,
    says: ['chip-thinning'],
  },
];
