import { HAND_MILL, TOOLS, setup } from '../../fixture';
import { of, type Golden } from '../golden.fixture';

export const reamGolden: readonly Golden[] = [
  {
    name: '8.5 mm',
    setup: setup({ operation: 'ream' }),
    // bright bar 26 to 38, middle 32, × 0.40 for reaming; tired machine × 0.80.
    aimMPerMin: 32 * 0.4 * 0.8,
    // 1000 × 10.24 ÷ (π × 8.5) = 383: 440 is too far above.
    rpm: 265,
    // two and a half times the drill feed, × 0.85 tired.
    feedMmRev: 2.5 * 0.03 * 8.5 ** 0.8 * 0.85,
    // half of 0.1 mm and a hundredth of the diameter.
    depthMm: (0.1 + 0.01 * 8.5) / 2,
    widthMm: null,
    says: [],
  },
  {
    name: '20 mm on the mill',
    setup: setup({
      operation: 'ream',
      machine: HAND_MILL,
      tool: { ...TOOLS.reamer, diameterMm: 20 },
      stock: of('medium-carbon'),
    }),
    // 20 to 30, middle 25, × 0.40 for reaming.
    aimMPerMin: 25 * 0.4,
    // 1000 × 10 ÷ (π × 20) = 159.
    rpm: 85,
    // two and a half times the drill feed.
    feedMmRev: 2.5 * 0.03 * 20 ** 0.8 * 0.9,
    // half of 0.1 mm and a hundredth of the diameter.
    depthMm: (0.1 + 0.01 * 20) / 2,
    widthMm: null,
    says: [],
  },
];
