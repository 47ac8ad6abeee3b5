import { setup } from '../../fixture';
import { of, type Golden } from '../golden.fixture';

export const tSlotGolden: readonly Golden[] = [
  {
    name: 'a bright bar',
    setup: setup({ operation: 't-slot' }),
    // bright bar 26 to 38, middle 32, × 0.90 for milling; full width × 0.80.
    aimMPerMin: 32 * 0.9 * 0.8,
    // 1000 × 23.04 ÷ (π × 25) = 293.
    rpm: 210,
    // 0.006 D × 0.4 = 0.06, × 0.70 full width; six teeth.
    feedMmRev: 0.06 * 0.7 * 6,
    // the head.
    depthMm: 11,
    widthMm: 25,
    says: ['t-slot-neck'],
  },
  {
    name: 'grey iron, dry as is usual',
    setup: setup({ operation: 't-slot', stock: of('grey-iron'), fluid: 'dry' }),
    // 18 to 28, middle 23, × 0.90 for milling; full width × 0.80; dry costs iron nothing.
    aimMPerMin: 23 * 0.9 * 0.8,
    // 1000 × 16.56 ÷ (π × 25) = 211.
    rpm: 210,
    // 0.0075 D × 0.4 is over the 0.06; × 0.70 full width; six teeth.
    feedMmRev: 0.06 * 0.7 * 6,
    // the head.
    depthMm: 11,
    widthMm: 25,
    says: ['t-slot-neck'],
  },
];
