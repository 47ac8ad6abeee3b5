import { setup } from '../../fixture';
import { of, type Golden } from '../golden.fixture';

export const millSlotGolden: readonly Golden[] = [
  {
    name: 'a bright bar',
    setup: setup({ operation: 'mill-slot', stickOutMm: 30 }),
    // bright bar 26 to 38, middle 32, × 0.90 for milling; full width × 0.80.
    aimMPerMin: 32 * 0.9 * 0.8,
    // 1000 × 23.04 ÷ (π × 12) = 611.
    rpm: 640,
    // 0.006 D, 0.7 in a slot, × 0.70 full width; four teeth.
    feedMmRev: 0.006 * 12 * 0.7 * 0.7 * 4,
    // Half a diameter bends the cutter 0.077 mm. Two teeth stand at 45° and cut 0.025:
    // 2 × 1500 × 0.91 × 1.153 × 0.025^0.78 × 1.1 = 195 N for each mm deep, 66 nm a newton: 0.05 mm at 3.89.
    depthMm: 3.8,
    widthMm: 12,
    says: ['full-width'],
  },
  {
    name: 'aluminium: a whole diameter deep',
    setup: setup({ operation: 'mill-slot', stock: of('aluminium-wrought'), stickOutMm: 30 }),
    // 60 to 150, middle 105, × 0.95 for milling; full width × 0.80.
    aimMPerMin: 105 * 0.95 * 0.8,
    // 1000 × 79.8 ÷ (π × 12) = 2117: 2450 is too far above.
    rpm: 1010,
    // 0.010 D, 0.7 in a slot, × 0.70 full width; four teeth.
    feedMmRev: 0.01 * 12 * 0.7 * 0.7 * 4,
    // One diameter in soft metal bends it 0.089 mm: 2 × 650 × 0.91 × 0.0416^0.77 × 1.1 = 112 N
    // for each mm deep, 66 nm a newton: 0.05 mm at 6.73.
    depthMm: 6.7,
    widthMm: 12,
    says: ['full-width'],
  },
];
