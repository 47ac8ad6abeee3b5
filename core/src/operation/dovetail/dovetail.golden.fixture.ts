import { setup } from '../../fixture';
import { of, type Golden } from '../golden.fixture';

export const dovetailGolden: readonly Golden[] = [
  {
    name: 'a bright bar',
    setup: setup({ operation: 'dovetail' }),
    // bright bar 26 to 38, middle 32, × 0.90 for milling.
    aimMPerMin: 32 * 0.9,
    // 1000 × 28.8 ÷ (π × 25) = 367.
    rpm: 210,
    // 0.006 D × 0.4 = 0.06; a tenth wide thins the chip, by hand at most 1.5; eight teeth.
    feedMmRev: 0.06 * 1.5 * 8,
    // as high as the slant.
    depthMm: 10,
    widthMm: 2.5,
    says: ['dovetail-rough', 'chip-thinning'],
  },
  {
    name: '55° in grey iron',
    setup: setup({ operation: 'dovetail', stock: of('grey-iron'), angleDeg: 55 }),
    // 18 to 28, middle 23, × 0.90 for milling.
    aimMPerMin: 23 * 0.9,
    // 1000 × 20.7 ÷ (π × 25) = 264.
    rpm: 210,
    // 0.0075 D × 0.4 is over the 0.06; by hand at most 1.5; eight teeth.
    feedMmRev: 0.06 * 1.5 * 8,
    // as high as the slant.
    depthMm: 10,
    widthMm: 2.5,
    says: ['dovetail-rough', 'chip-thinning'],
  },
];
