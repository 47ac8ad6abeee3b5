import { TOOLS, setup } from '../../fixture';
import { of, type Golden } from '../golden.fixture';

export const faceMillGolden: readonly Golden[] = [
  {
    name: 'a bright bar',
    setup: setup({ operation: 'face-mill' }),
    // bright bar 26 to 38, middle 32, × 0.90 for milling.
    aimMPerMin: 32 * 0.9,
    // 1000 × 28.8 ÷ (π × 50) = 183: 210 is too far above.
    rpm: 85,
    // 16 × 0.006 a tooth, four of them; seven tenths wide thins no chip.
    feedMmRev: 16 * 0.006 * 4,
    // 1 mm.
    depthMm: 1,
    widthMm: 35,
    says: [],
  },
  {
    name: 'carbide in aluminium: the hand is the limit',
    setup: setup({
      operation: 'face-mill',
      tool: { ...TOOLS['face-mill'], material: 'carbide-uncoated' },
      stock: of('aluminium-wrought'),
    }),
    // 200 to 600, middle 400, × 0.95 for milling.
    aimMPerMin: 400 * 0.95,
    // 1000 × 380 ÷ (π × 50) = 2419.
    rpm: 2450,
    // a hand follows 0.7 s a turn of 5 mm.
    feedMmRev: ((5 / 0.7) * 60) / 2450,
    // 1 mm.
    depthMm: 1,
    widthMm: 35,
    says: ['hand-fast'],
  },
];
