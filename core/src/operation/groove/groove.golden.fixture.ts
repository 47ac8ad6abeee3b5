import { setup } from '../../fixture';
import type { Golden } from '../golden.fixture';

export const grooveGolden: readonly Golden[] = [
  {
    name: 'as wide as its blade',
    setup: setup({ operation: 'groove', stickOutMm: 20 }),
    // bright bar 26 to 38, middle 32, × 0.50; tired machine × 0.80.
    aimMPerMin: 32 * 0.5 * 0.8,
    // 1000 × 12.8 ÷ (π × 25) = 163.
    rpm: 118,
    // as for parting.
    feedMmRev: 0.025,
    // a groove to start with.
    depthMm: 2,
    widthMm: 2,
    says: [],
  },
  {
    name: '6 mm wide and 10 mm deep with a blade of 2',
    setup: setup({ operation: 'groove', widthMm: 6, depthMm: 10, workDiameterMm: 40, stickOutMm: 20 }),
    // bright bar 26 to 38, middle 32, × 0.50; tired machine × 0.80.
    aimMPerMin: 32 * 0.5 * 0.8,
    // 1000 × 12.8 ÷ (π × 40) = 102: 118 is too far above.
    rpm: 70,
    // as for parting.
    feedMmRev: 0.025,
    // as typed.
    depthMm: 10,
    widthMm: 6,
    says: ['groove-deep'],
  },
];
