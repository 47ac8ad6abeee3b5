import { setup } from '../../fixture';
import { of, type Golden } from '../golden.fixture';

export const chamferGolden: readonly Golden[] = [
  {
    name: '1 mm at 45°',
    setup: setup({ operation: 'chamfer' }),
    // bright bar 26 to 38, middle 32, × 0.50; tired machine × 0.80.
    aimMPerMin: 32 * 0.5 * 0.8,
    // 1000 × 12.8 ÷ (π × 25) = 163.
    rpm: 118,
    // 0.02 × 0.85 = 0.017: the finest cross feed is 0.025.
    feedMmRev: 0.025,
    // a broken edge.
    depthMm: 1,
    widthMm: null,
    says: [],
  },
  {
    name: '2 mm at 30° in aluminium',
    setup: setup({
      operation: 'chamfer',
      stock: of('aluminium-wrought'),
      depthMm: 2,
      angleDeg: 30,
      workDiameterMm: 40,
    }),
    // 60 to 150, middle 105, × 0.60; tired machine × 0.80.
    aimMPerMin: 105 * 0.6 * 0.8,
    // 1000 × 50.4 ÷ (π × 40) = 401: 440 is just within a tenth.
    rpm: 440,
    // 0.02 × 0.85 = 0.017: the finest cross feed is 0.025.
    feedMmRev: 0.025,
    // as typed.
    depthMm: 2,
    widthMm: null,
    says: [],
  },
];
