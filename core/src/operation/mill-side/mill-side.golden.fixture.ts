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
    // one diameter.
    depthMm: 12,
    widthMm: 1.5,
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
    // one diameter.
    depthMm: 12,
    widthMm: 1.5,
    says: ['hand-fast', 'chip-thinning'],
  },
];
