import { setup } from '../../fixture';
import { of, type Golden } from '../golden.fixture';

export const fileGolden: readonly Golden[] = [
  {
    name: 'a bright bar',
    setup: setup({ operation: 'file' }),
    // bright bar 26 to 38, middle 32, read from high speed steel; tired machine × 0.80.
    aimMPerMin: 32 * 0.8,
    // as for turning: 326.
    rpm: 265,
    // 30 strokes a minute, 5 mm sideways each.
    feedMmRev: (30 * 5) / 265,
    // marks, not size.
    depthMm: 0.01,
    widthMm: null,
    says: [],
  },
  {
    name: 'brass',
    setup: setup({ operation: 'file', stock: of('brass-free-cutting'), workDiameterMm: 60 }),
    // 60 to 110, middle 85; tired machine × 0.80.
    aimMPerMin: 85 * 0.8,
    // 1000 × 68 ÷ (π × 60) = 361.
    rpm: 265,
    // 30 strokes a minute, 5 mm sideways each.
    feedMmRev: (30 * 5) / 265,
    // marks, not size.
    depthMm: 0.01,
    widthMm: null,
    says: [],
  },
];
