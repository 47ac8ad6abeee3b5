import { setup } from '../../fixture';
import type { Golden } from '../golden.fixture';

export const flyCutGolden: readonly Golden[] = [
  {
    name: 'a bright bar',
    setup: setup({ operation: 'fly-cut' }),
    // bright bar 26 to 38, middle 32, × 0.90 for milling.
    aimMPerMin: 32 * 0.9,
    // 1000 × 28.8 ÷ (π × 80) = 115.
    rpm: 85,
    // 16 × 0.006, 0.6 of it, one tooth.
    feedMmRev: 16 * 0.006 * 0.6,
    // one tooth: little.
    depthMm: 0.5,
    widthMm: 60,
    says: [],
  },
  {
    name: 'over an edge that is broken',
    setup: setup({ operation: 'fly-cut', interrupted: true }),
    // bright bar 26 to 38, middle 32, × 0.90 for milling; interrupted × 0.90.
    aimMPerMin: 32 * 0.9 * 0.9,
    // 1000 × 25.9 ÷ (π × 80) = 103.
    rpm: 85,
    // 16 × 0.006, 0.6 of it, one tooth; interrupted × 0.80.
    feedMmRev: 16 * 0.006 * 0.6 * 0.8,
    // one tooth: little.
    depthMm: 0.5,
    widthMm: 60,
    says: ['fly-skin'],
  },
];
