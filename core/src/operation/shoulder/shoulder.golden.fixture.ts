import { TOOLS, setup } from '../../fixture';
import type { Golden } from '../golden.fixture';

export const shoulderGolden: readonly Golden[] = [
  {
    name: 'a square tool',
    setup: setup({ operation: 'shoulder' }),
    // bright bar 26 to 38, middle 32; tired machine × 0.80.
    aimMPerMin: 32 * 0.8,
    // as for turning: 326.
    rpm: 265,
    // nose 0.4: at most 0.50 × 0.4 = 0.20; a start of 0.6, × 0.85 tired = 0.102.
    feedMmRev: 0.1,
    // 1.5, × 0.70 tired = 1.05; whole fives of 0.025 are 0.125.
    depthMm: 1,
    widthMm: null,
    says: ['shoulder-corner'],
  },
  {
    name: 'a tool that leans',
    setup: setup({
      operation: 'shoulder',
      tool: { ...TOOLS['turning-tool'], approachDeg: 60 },
      workDiameterMm: 40,
    }),
    // bright bar 26 to 38, middle 32; tired machine × 0.80.
    aimMPerMin: 32 * 0.8,
    // 1000 × 25.6 ÷ (π × 40) = 204: 265 is far above.
    rpm: 118,
    // nose 0.4: at most 0.50 × 0.4 = 0.20; a start of 0.6, × 0.85 tired = 0.102.
    feedMmRev: 0.1,
    // 1.5, × 0.70 tired = 1.05; whole fives of 0.025 are 0.125.
    depthMm: 1,
    widthMm: null,
    says: ['shoulder-slope', 'shoulder-corner'],
  },
];
