import { HAND_MILL, TOOLS, setup } from '../../fixture';
import type { Golden } from '../golden.fixture';

export const centreDrillGolden: readonly Golden[] = [
  {
    name: '3.15 with a body of 8',
    setup: setup({ operation: 'centre-drill' }),
    // bright bar 26 to 38, middle 32, × 0.80 for drilling; tired machine × 0.80.
    aimMPerMin: 32 * 0.8 * 0.8,
    // mouth 0.8 × 8 = 6.4: 1000 × 20.5 ÷ (π × 6.4) = 1019, the machine ends at 745.
    rpm: 745,
    // half of a drill as thick as the pilot, × 0.85 tired.
    feedMmRev: 0.5 * 0.03 * 3.15 ** 0.8 * 0.85,
    // 1.1 pilot diameters, then the cone to its mouth.
    depthMm: 1.1 * 3.15 + (6.4 - 3.15) / 2 / Math.tan(Math.PI / 6),
    widthMm: null,
    says: ['machine-too-slow'],
  },
  {
    name: 'a pilot of 2, body not known, on the mill',
    setup: setup({
      operation: 'centre-drill',
      machine: HAND_MILL,
      tool: { ...TOOLS['centre-drill'], diameterMm: 2, bodyMm: undefined },
    }),
    // bright bar 26 to 38, middle 32, × 0.80 for drilling.
    aimMPerMin: 32 * 0.8,
    // body 2.5 × 2 = 5, mouth 4: 1000 × 25.6 ÷ (π × 4) = 2037, 2450 is too far above.
    rpm: 1010,
    // half of a drill as thick as the pilot.
    feedMmRev: 0.5 * 0.03 * 2 ** 0.8,
    // 1.1 pilot diameters, then the cone to its mouth.
    depthMm: 1.1 * 2 + (4 - 2) / 2 / Math.tan(Math.PI / 6),
    widthMm: null,
    says: [],
  },
];
