import { setup } from '../../fixture';
import type { Golden } from '../golden.fixture';

export const sawGolden: readonly Golden[] = [
  {
    name: 'three teeth in the cut',
    setup: setup({ operation: 'saw' }),
    // bright bar 26 to 38, middle 32, × 0.90 for milling.
    aimMPerMin: 32 * 0.9,
    // 1000 × 28.8 ÷ (π × 80) = 115.
    rpm: 85,
    // 4 × 0.006 × 1.6/2; so shallow a cut thins the chip, by hand at most 1.5; 48 teeth.
    feedMmRev: 4 * 0.006 * 0.8 * 1.5 * 48,
    // 40 (1 − cos(3 × 7.5°)) = 3.04.
    depthMm: 3,
    widthMm: 1.6,
    says: ['chip-thinning'],
  },
  {
    name: 'too deep for so fine a saw',
    setup: setup({ operation: 'saw', depthMm: 20 }),
    // bright bar 26 to 38, middle 32, × 0.90 for milling.
    aimMPerMin: 32 * 0.9,
    // 1000 × 28.8 ÷ (π × 80) = 115.
    rpm: 85,
    // 4 × 0.006 × 1.6/2, 48 teeth; a quarter deep thins the chip by 1.155.
    feedMmRev: (4 * 0.006 * 0.8 * 48) / (2 * Math.sqrt(0.25 * 0.75)),
    // as typed: 8 teeth in the cut.
    depthMm: 20,
    widthMm: 1.6,
    says: ['saw-fine', 'chip-thinning'],
  },
];
