import { setup } from '../../fixture';
import { of, type Golden } from '../golden.fixture';

export const threadGolden: readonly Golden[] = [
  {
    name: 'M16 × 2 outside',
    setup: setup({ operation: 'thread', workDiameterMm: 16 }),
    // bright bar 26 to 38, middle 32, × 0.35 for threading; tired machine × 0.80.
    aimMPerMin: 32 * 0.35 * 0.8,
    // 1000 × 8.96 ÷ (π × 16) = 178.
    rpm: 118,
    // its pitch.
    feedMmRev: 2,
    // H − H/8 − r (1 ÷ sin 30° − 1), H = 0.866 P, r 0.1.
    depthMm: (Math.sqrt(3) / 2) * 2 * (7 / 8) - 0.1,
    widthMm: null,
    says: ['thread-gears'],
  },
  {
    name: 'M20 × 2.5 inside',
    setup: setup({ operation: 'thread', workDiameterMm: 20, way: 'inside' }),
    // bright bar 26 to 38, middle 32, × 0.35 for threading; tired machine × 0.80.
    aimMPerMin: 32 * 0.35 * 0.8,
    // 1000 × 8.96 ÷ (π × 20) = 143.
    rpm: 118,
    // its pitch.
    feedMmRev: 2.5,
    // 5/8 H.
    depthMm: (5 / 8) * (Math.sqrt(3) / 2) * 2.5,
    widthMm: null,
    says: ['thread-gears'],
  },
  {
    name: 'M10 × 1.5 in aluminium: the carriage is the limit, not the chart',
    setup: setup({ operation: 'thread', workDiameterMm: 10, stickOutMm: 25, stock: of('aluminium-wrought') }),
    // 60 to 150, middle 105, × 0.40 for threading; tired machine × 0.80.
    aimMPerMin: 105 * 0.4 * 0.8,
    // 1000 × 33.6 ÷ (π × 10) = 1070, but 6 mm a second is 60 × 6 ÷ 1.5 = 240.
    rpm: 118,
    // its pitch.
    feedMmRev: 1.5,
    // H − H/8 − r (1 ÷ sin 30° − 1), H = 0.866 P, r 0.1.
    depthMm: (Math.sqrt(3) / 2) * 1.5 * (7 / 8) - 0.1,
    widthMm: null,
    says: ['thread-gears'],
  },
];
