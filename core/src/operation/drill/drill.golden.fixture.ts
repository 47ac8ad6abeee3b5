import { HAND_MILL, TOOLS, setup } from '../../fixture';
import { of, type Golden } from '../golden.fixture';

export const drillGolden: readonly Golden[] = [
  {
    name: '8.5 mm in a bright bar',
    setup: setup({ operation: 'drill' }),
    // bright bar 26 to 38, middle 32, × 0.80 for drilling; tired machine × 0.80.
    aimMPerMin: 32 * 0.8 * 0.8,
    // 1000 × 20.5 ÷ (π × 8.5) = 767.
    rpm: 745,
    // 0.03 D^0.8 × 1.0, × 0.85 tired, by hand.
    feedMmRev: 0.03 * 8.5 ** 0.8 * 0.85,
    // three diameters.
    depthMm: 25.5,
    widthMm: null,
    says: [],
  },
  {
    name: '20 mm on the mill',
    setup: setup({
      operation: 'drill',
      machine: HAND_MILL,
      tool: { ...TOOLS.drill, diameterMm: 20 },
      stock: of('medium-carbon'),
    }),
    // 20 to 30, middle 25, × 0.80 for drilling.
    aimMPerMin: 25 * 0.8,
    // 1000 × 20 ÷ (π × 20) = 318: 640 is far above.
    rpm: 210,
    // 0.03 D^0.8 × 0.9.
    feedMmRev: 0.03 * 20 ** 0.8 * 0.9,
    // three diameters.
    depthMm: 60,
    widthMm: null,
    says: [],
  },
];
