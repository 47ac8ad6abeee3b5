import { setup } from '../../fixture';
import { of, type Golden } from '../golden.fixture';

export const faceGolden: readonly Golden[] = [
  {
    name: 'a bright bar',
    setup: setup({ operation: 'face', workDiameterMm: 60 }),
    // bright bar 26 to 38, middle 32; tired machine × 0.80.
    aimMPerMin: 32 * 0.8,
    // 1000 × 25.6 ÷ (π × 60) = 136: 265 is far above.
    rpm: 118,
    // nose 0.4: at most 0.50 × 0.4 = 0.20; a start of 0.6, × 0.85 tired = 0.102; the cross feed is half: 0.19 ÷ 2.
    feedMmRev: 0.095,
    // 1.5 × 0.70; no dial sets it: to 0.05.
    depthMm: 1.05,
    widthMm: null,
    says: ['facing-centre'],
  },
  {
    name: 'grey iron, large',
    setup: setup({ operation: 'face', stock: of('grey-iron'), workDiameterMm: 100 }),
    // 18 to 28, middle 23; tired machine × 0.80.
    aimMPerMin: 23 * 0.8,
    // 1000 × 18.4 ÷ (π × 100) = 58.6: 70 is more than a tenth above.
    rpm: 42,
    // nose 0.4: at most 0.50 × 0.4 = 0.20; a start of 0.6, × 0.85 tired = 0.102; the cross feed is half: 0.19 ÷ 2.
    feedMmRev: 0.095,
    // 1.5 × 0.70; no dial sets it: to 0.05.
    depthMm: 1.05,
    widthMm: null,
    says: ['facing-centre'],
  },
];
