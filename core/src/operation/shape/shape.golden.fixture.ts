import { setup } from '../../fixture';
import { of, type Golden } from '../golden.fixture';

export const shapeGolden: readonly Golden[] = [
  {
    name: 'a block of 175 mm',
    setup: setup({ operation: 'shape', workDiameterMm: 175 }),
    // bright bar 26 to 38, middle 32.
    aimMPerMin: 32,
    // stroke 200: φ = asin(0.3546 × 200 ÷ 350) = 11.7°, R = 101.7 ÷ 78.3 = 1.30; 32 000 ÷ (200 × 1.77) = 90.4.
    rpm: 95,
    // nose 0.4: 0.65 × 0.4 = 0.26, × 0.6 = 0.156: the tooth of 0.15.
    feedMmRev: 0.15,
    // 1.5.
    depthMm: 1.5,
    widthMm: 50,
    says: [],
  },
  {
    name: 'grey iron of 100 mm',
    setup: setup({ operation: 'shape', stock: of('grey-iron'), workDiameterMm: 100 }),
    // 18 to 28, middle 23.
    aimMPerMin: 23,
    // stroke 125: φ = 7.3°, R = 1.18; 23 000 ÷ (125 × 1.85) = 99.4.
    rpm: 95,
    // nose 0.4: 0.65 × 0.4 = 0.26, × 0.6 = 0.156: the tooth of 0.15.
    feedMmRev: 0.15,
    // 1.5.
    depthMm: 1.5,
    widthMm: 50,
    says: [],
  },
];
