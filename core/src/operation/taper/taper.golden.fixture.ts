import { setup } from '../../fixture';
import type { Golden } from '../golden.fixture';

export const taperGolden: readonly Golden[] = [
  {
    name: '1 in 20 by the compound',
    setup: setup({ operation: 'taper', stickOutMm: 60, lengthMm: 30 }),
    // bright bar 26 to 38, middle 32; tired machine × 0.80.
    aimMPerMin: 32 * 0.8,
    // as for turning: 326.
    rpm: 265,
    // nose 0.4: at most 0.50 × 0.4 = 0.20; a start of 0.6, × 0.85 tired = 0.102, by hand.
    feedMmRev: 0.2 * 0.6 * 0.85,
    // 1.5, × 0.70 tired = 1.05; whole fives of 0.025 are 0.125.
    depthMm: 1,
    widthMm: null,
    says: ['taper-height'],
  },
  {
    name: 'the tailstock set over, between centres',
    setup: setup({
      operation: 'taper',
      way: 'set-over',
      support: 'between-centres',
      stickOutMm: 200,
      lengthMm: 150,
      workDiameterMm: 40,
    }),
    // bright bar 26 to 38, middle 32; tired machine × 0.80.
    aimMPerMin: 32 * 0.8,
    // 1000 × 25.6 ÷ (π × 40) = 204.
    rpm: 118,
    // nose 0.4: at most 0.50 × 0.4 = 0.20; a start of 0.6, × 0.85 tired = 0.102.
    feedMmRev: 0.1,
    // 1.5, × 0.70 tired = 1.05; whole fives of 0.025 are 0.125.
    depthMm: 1,
    widthMm: null,
    says: ['set-over', 'set-over-reset', 'taper-height'],
  },
];
