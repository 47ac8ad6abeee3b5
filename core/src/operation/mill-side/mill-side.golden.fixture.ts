import { setup } from '../../fixture';
import { of, type Golden } from '../golden.fixture';

export const millSideGolden: readonly Golden[] = [
  {
    name: 'a bright bar',
    setup: setup({ operation: 'mill-side', stickOutMm: 30 }),
    // bright bar 26 to 38, middle 32, × 0.90 for milling.
    aimMPerMin: 32 * 0.9,
    // 1000 × 28.8 ÷ (π × 12) = 764.
    rpm: 640,
    // 0.006 D a tooth; an eighth wide thins the chip by 1.51, by hand at most 1.5; four teeth.
    feedMmRev: 0.006 * 12 * 1.5 * 4,
    // One diameter bends the cutter by a fifth of a millimetre: half the width, which thins the chip to 0.052,
    // 1500 × 0.91 rake × 1.153 slow × 0.052^0.78 × 1.1 = 173 N for each mm deep; it gives way
    // (22³ ÷ 417 + (30³ − 22³) ÷ 1018) ÷ (3 × 210 000) = 66 nm a newton: 0.05 mm at 4.37; fives of 0.02.
    depthMm: 4.3,
    widthMm: 0.75,
    says: ['chip-thinning'],
  },
  {
    name: 'aluminium: the hand is the limit',
    setup: setup({ operation: 'mill-side', stock: of('aluminium-wrought'), stickOutMm: 30 }),
    // 60 to 150, middle 105, × 0.95 for milling.
    aimMPerMin: 105 * 0.95,
    // 1000 × 99.75 ÷ (π × 12) = 2646.
    rpm: 2450,
    // a hand follows 0.7 s a turn of 5 mm.
    feedMmRev: ((5 / 0.7) * 60) / 2450,
    // one diameter: with so fine a feed the cutter bends 0.034 mm only.
    depthMm: 12,
    widthMm: 1.5,
    says: ['hand-fast', 'chip-thinning'],
  },
];
