import { TOOLS, setup } from '../../fixture';
import { of, type Golden } from '../golden.fixture';

export const partGolden: readonly Golden[] = [
  {
    name: 'a 2 mm blade close to the chuck',
    setup: setup({ operation: 'part', stickOutMm: 10 }),
    // bright bar 26 to 38, middle 32, × 0.50 for parting; tired machine × 0.80.
    aimMPerMin: 32 * 0.5 * 0.8,
    // 1000 × 12.8 ÷ (π × 25) = 163.
    rpm: 118,
    // 0.04 × 0.85 = 0.034; the cross feed is half of the holes: 0.025, 0.04 is too far above.
    feedMmRev: 0.025,
    // the blade itself.
    depthMm: 2,
    widthMm: null,
    says: ['parting-centre'],
  },
  {
    name: 'a carbide blade of 3 mm',
    setup: setup({
      operation: 'part',
      tool: { ...TOOLS['parting-blade'], widthMm: 3, material: 'carbide-uncoated' },
      stock: of('medium-carbon'),
      workDiameterMm: 50,
      stickOutMm: 20,
    }),
    // 75 to 130, middle 102.5, × 0.50 for parting; tired machine × 0.80.
    aimMPerMin: 102.5 * 0.5 * 0.8,
    // 1000 × 41 ÷ (π × 50) = 261.
    rpm: 265,
    // 0.07 × 0.85 = 0.0595; half of 0.12.
    feedMmRev: 0.06,
    // the blade itself.
    depthMm: 3,
    widthMm: null,
    says: ['parting-centre'],
  },
];
