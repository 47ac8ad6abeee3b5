import { setup } from '../../fixture';
import { of, type Golden } from '../golden.fixture';

export const boreGolden: readonly Golden[] = [
  {
    name: 'a bore of 40 mm',
    setup: setup({ operation: 'bore', workDiameterMm: 40 }),
    // bright bar 26 to 38, middle 32; tired machine × 0.80.
    aimMPerMin: 32 * 0.8,
    // 1000 × 25.6 ÷ (π × 40) = 204.
    rpm: 118,
    // 0.6 of turning: 0.072, × 0.85 = 0.061: 0.08 is more than an eighth above.
    feedMmRev: 0.05,
    // 0.75 × 0.70 = 0.525; fives of 0.125.
    depthMm: 0.5,
    widthMm: null,
    says: [],
  },
  {
    name: 'a small bore: less depth, which is no light finishing in it',
    setup: setup({ operation: 'bore', workDiameterMm: 16, stock: of('medium-carbon') }),
    // 20 to 30, middle 25; tired machine × 0.80.
    aimMPerMin: 25 * 0.8,
    // 1000 × 20 ÷ (π × 16) = 398: 440 is 11 % above.
    rpm: 265,
    // 0.6 × 0.6 × 0.20 = 0.072, × 0.85 = 0.061: the hole of 0.05; 0.08 is too coarse.
    feedMmRev: 0.05,
    // 3 % of 16 = 0.48, × 0.70 = 0.336; fives of 0.125.
    depthMm: 0.375,
    widthMm: null,
    says: [],
  },
];
