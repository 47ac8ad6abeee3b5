import { setup } from '../../fixture';
import type { Golden } from '../golden.fixture';

export const knurlGolden: readonly Golden[] = [
  {
    name: '1 mm on a bar of 25',
    setup: setup({ operation: 'knurl' }),
    // bright bar 26 to 38, middle 32, × 0.35 as for threading; tired machine × 0.80.
    aimMPerMin: 32 * 0.35 * 0.8,
    // 1000 × 8.96 ÷ (π × 25) = 114.
    rpm: 118,
    // half of the pitch; the coarsest hole is 0.19.
    feedMmRev: 0.19,
    // 0.35 of the pitch; fives of 0.125.
    depthMm: 0.375,
    widthMm: null,
    says: ['knurl-blank'],
  },
  {
    name: '0.8 mm on a blank of 98 teeth',
    setup: setup({ operation: 'knurl', pitchMm: 0.8, workDiameterMm: 24.96 }),
    // bright bar 26 to 38, middle 32, × 0.35 as for threading; tired machine × 0.80.
    aimMPerMin: 32 * 0.35 * 0.8,
    // 1000 × 8.96 ÷ (π × 24.96) = 114.
    rpm: 118,
    // half of the pitch; the coarsest hole is 0.19.
    feedMmRev: 0.19,
    // 0.35 of the pitch = 0.28; fives of 0.125.
    depthMm: 0.25,
    widthMm: null,
    says: [],
  },
];
