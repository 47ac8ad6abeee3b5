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
    // as a slot: half a diameter would bend the cutter 0.077 mm, 3.89 bends it 0.05.
    depthMm: 3.8,
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
    // Two teeth at 45° cut 0.023: 2 × 1700 × 0.91 × 1.289 slow × 0.023^0.78 × 1.1 = 230 N for each
    // mm deep, 66 nm a newton: 0.05 mm at 3.29.
    depthMm: 3.2,
    widthMm: 12,
    says: ['centre-unknown', 'ramp-steep', 'full-width'],
  },
];
