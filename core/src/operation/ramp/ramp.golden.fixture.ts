import { setup } from '../../fixture';
import { of, type Golden } from '../golden.fixture';

export const rampGolden: readonly Golden[] = [
  {
    name: 'at the usual 3°',
    setup: setup({ operation: 'ramp', stickOutMm: 30 }),
    // bright bar 26 to 38, middle 32, × 0.90 for milling; full width × 0.80.
    aimMPerMin: 32 * 0.9 * 0.8,
    // 1000 × 23.04 ÷ (π × 12) = 611.
    rpm: 640,
    // as a slot.
    feedMmRev: 0.006 * 12 * 0.7 * 0.7 * 4,
    // half a diameter.
    depthMm: 6,
    widthMm: 12,
    says: ['full-width'],
  },
  {
    name: 'at 15°',
    setup: setup({ operation: 'ramp', angleDeg: 15, stock: of('medium-carbon'), stickOutMm: 30 }),
    // 20 to 30, middle 25, × 0.90 for milling; full width × 0.80.
    aimMPerMin: 25 * 0.9 * 0.8,
    // 1000 × 18 ÷ (π × 12) = 477.
    rpm: 210,
    // as a slot.
    feedMmRev: 0.0055 * 12 * 0.7 * 0.7 * 4,
    // half a diameter.
    depthMm: 6,
    widthMm: 12,
    says: ['centre-unknown', 'ramp-steep', 'full-width'],
  },
];
