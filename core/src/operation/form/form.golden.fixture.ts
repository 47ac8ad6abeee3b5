import { TOOLS, setup } from '../../fixture';
import type { Golden } from '../golden.fixture';

export const formGolden: readonly Golden[] = [
  {
    name: '8 mm wide, 4 mm deep',
    setup: setup({ operation: 'form', stickOutMm: 20 }),
    // bright bar 26 to 38, middle 32, × 0.50; tired machine × 0.80.
    aimMPerMin: 32 * 0.5 * 0.8,
    // 1000 × 12.8 ÷ (π × 25) = 163.
    rpm: 118,
    // 0.02 × 0.85 = 0.017: the finest cross feed is 0.025.
    feedMmRev: 0.025,
    // as deep as the form.
    depthMm: 4,
    widthMm: 8,
    says: [],
  },
  {
    name: 'a broad form: half the feed, finer than the machine has',
    setup: setup({
      operation: 'form',
      tool: { ...TOOLS['form-tool'], widthMm: 16, depthMm: 3 },
      workDiameterMm: 60,
      stickOutMm: 30,
    }),
    // bright bar 26 to 38, middle 32, × 0.50; tired machine × 0.80.
    aimMPerMin: 32 * 0.5 * 0.8,
    // 1000 × 12.8 ÷ (π × 60) = 67.9.
    rpm: 70,
    // over 10 mm wide 0.005 to 0.02; the finest cross feed is 0.025.
    feedMmRev: 0.025,
    // as deep as the form.
    depthMm: 3,
    widthMm: 16,
    says: ['feed-high', 'form-broad'],
  },
];
