import { TOOLS, setup } from '../../fixture';
import type { Golden } from '../golden.fixture';

export const millBoreGolden: readonly Golden[] = [
  {
    name: 'a bore of 40 mm',
    setup: setup({ operation: 'mill-bore', workDiameterMm: 40 }),
    // bright bar 26 to 38, middle 32.
    aimMPerMin: 32,
    // 1000 × 32 ÷ (π × 40) = 255.
    rpm: 210,
    // nose 0.4: 0.65 × 0.4, × 0.6, 0.6 of turning for a bar.
    feedMmRev: 0.65 * 0.4 * 0.6 * 0.6,
    // 0.75; no dial sets it: to 0.05.
    depthMm: 0.75,
    widthMm: null,
    says: [],
  },
  {
    name: 'a bore of 16 mm with a bar of 8',
    setup: setup({
      operation: 'mill-bore',
      workDiameterMm: 16,
      stickOutMm: 30,
      tool: { ...TOOLS['boring-bar'], barMm: 8 },
    }),
    // bright bar 26 to 38, middle 32.
    aimMPerMin: 32,
    // 1000 × 32 ÷ (π × 16) = 637.
    rpm: 640,
    // nose 0.4: 0.65 × 0.4, × 0.6, 0.6 of turning for a bar.
    feedMmRev: 0.65 * 0.4 * 0.6 * 0.6,
    // 3 % of 16 = 0.48; no dial sets it: to 0.05.
    depthMm: 0.5,
    widthMm: null,
    says: [],
  },
];
