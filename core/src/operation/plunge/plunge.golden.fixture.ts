import { TOOLS, setup } from '../../fixture';
import { of, type Golden } from '../golden.fixture';

export const plungeGolden: readonly Golden[] = [
  {
    name: 'an end mill whose end is not known',
    setup: setup({ operation: 'plunge', stickOutMm: 30 }),
    // bright bar 26 to 38, middle 32, × 0.90 for milling.
    aimMPerMin: 32 * 0.9,
    // 1000 × 28.8 ÷ (π × 12) = 764.
    rpm: 640,
    // 0.006 D, 0.4 straight down; four teeth.
    feedMmRev: 0.006 * 12 * 0.4 * 4,
    // half a diameter.
    depthMm: 6,
    widthMm: null,
    says: ['centre-unknown'],
  },
  {
    name: 'an end mill without teeth at the centre',
    setup: setup({
      operation: 'plunge',
      tool: { ...TOOLS['end-mill'], centreCutting: false },
      stock: of('medium-carbon'),
      stickOutMm: 30,
    }),
    // 20 to 30, middle 25, × 0.90 for milling.
    aimMPerMin: 25 * 0.9,
    // 1000 × 22.5 ÷ (π × 12) = 597.
    rpm: 640,
    // 0.0055 D, 0.4 straight down; four teeth.
    feedMmRev: 0.0055 * 12 * 0.4 * 4,
    // half a diameter.
    depthMm: 6,
    widthMm: null,
    says: ['centre-cutting'],
  },
];
