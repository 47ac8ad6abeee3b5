import { setup } from '../../fixture';
import { of, type Golden } from '../golden.fixture';

export const shapeGolden: readonly Golden[] = [
  {
    name: 'a block of 175 mm',
    setup: setup({ operation: 'shape', workDiameterMm: 175 }),
    // bright bar 26 to 38, middle 32.
    aimMPerMin: 32,
    // stroke 200: φ = asin(0.3546 × 200 ÷ 350) = 11.7°, R = 101.7 ÷ 78.3 = 1.30; 32 000 ÷ (200 × 1.77) = 90.4.
    // In mid-stroke π × 200 ÷ (1000 × 1.203) = 0.5225 m/min a stroke: the chart's 38 at 72.7.
    rpm: 55,
    // half of the nose 0.4 is 0.2: the tooth of 0.15 is under the least, the next is 0.3.
    feedMmRev: 0.3,
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
    // In mid-stroke π × 125 ÷ (1000 × 1.127) = 0.3485 m/min a stroke: the chart's 28 at 80.3.
    rpm: 55,
    // as above.
    feedMmRev: 0.3,
    // 1.5.
    depthMm: 1.5,
    widthMm: 50,
    says: [],
  },
];
