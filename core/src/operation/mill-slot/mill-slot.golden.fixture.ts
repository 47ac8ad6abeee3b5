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
    // half a diameter.
    depthMm: 6,
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
    // one diameter in soft metal.
    depthMm: 12,
    widthMm: 12,
    says: ['full-width'],
  },
];
