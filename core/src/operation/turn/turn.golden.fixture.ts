import { INSERT, setup } from '../../fixture';
import { of, type Golden } from '../golden.fixture';

export const turnGolden: readonly Golden[] = [
  {
    name: 'a bright bar with high speed steel',
    setup: setup({ operation: 'turn' }),
    // bright bar 26 to 38, middle 32; tired machine × 0.80.
    aimMPerMin: 32 * 0.8,
    // 1000 × 25.6 ÷ (π × 25) = 326: 440 is more than a tenth above.
    rpm: 265,
    // nose 0.4: at most 0.50 × 0.4 = 0.20; a start of 0.6, × 0.85 tired = 0.102: the hole of 0.10.
    feedMmRev: 0.1,
    // 1.5, × 0.70 tired = 1.05; whole fives of 0.025 are 0.125.
    depthMm: 1,
    widthMm: null,
    says: [],
  },
  {
    name: 'a heat-treatable steel with a coated insert',
    setup: setup({
      operation: 'turn',
      tool: INSERT,
      stock: of('medium-carbon'),
      workDiameterMm: 60,
      stickOutMm: 100,
    }),
    // 120 to 220, middle 170; tired machine × 0.80.
    aimMPerMin: 170 * 0.8,
    // 1000 × 136 ÷ (π × 60) = 722: 745 is 3 % above.
    rpm: 745,
    // the machine allows 0.25, the nose 0.40; 0.6 of 0.25, × 0.85 = 0.1275: the hole of 0.12.
    feedMmRev: 0.12,
    // 1.5, × 0.70 tired = 1.05; whole fives of 0.025 are 0.125; two thirds of the nose, 0.53, is less.
    depthMm: 1,
    widthMm: null,
    says: [],
  },
];
