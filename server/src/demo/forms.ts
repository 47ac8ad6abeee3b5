import type { FormBody } from '@pike-stone/contract';
import { correctedForm, shapeOf, steppedPoints, type FormSource, type FormTool } from '@pike-stone/core/form';

const FLY = { kind: 'fly', swingMm: 25, bodyMm: 6, rakeDeg: 0, clearanceDeg: 12 } as const;
const made = {
  way: 'slides',
  steel: 'silver-steel',
  done: [],
  measured: null,
  faceGroundMm: 0,
  spacesCut: 0,
  toolId: null,
} as const;

const BEAD: Extract<FormSource, { kind: 'radius' }> = {
  kind: 'radius',
  shape: 'bead',
  radiusMm: 6,
  depthMm: 6,
};
const BEAD_TOOL: Extract<FormTool, { kind: 'flat' }> = {
  kind: 'flat',
  smallestMm: 9,
  rakeDeg: 6,
  clearanceDeg: 8,
};

/** What was read on the bead tool by microscope: good to 3 micrometres, but 25 proud low on the right. */
function beadMeasured(): readonly (readonly [number, number])[] {
  const { onFace } = correctedForm(shapeOf(BEAD), BEAD_TOOL);
  return steppedPoints(onFace, 0.5).map(([x, y], i) => {
    const waver = 0.003 * Math.sin(7 * i);
    const proud = x > 4.6 && x < 5.9 && y > 1 && y < 3.6 ? -0.025 : 0;
    const round = (mm: number): number => Number(mm.toFixed(4));
    return [round(x + 14.2 + proud + waver), round(y + 3.1 - waver)];
  });
}

/** Form cutters of the demo shop. */
export const FORMS: readonly FormBody[] = [
  {
    ...made,
    name: 'Winch pinion, module 2.5',
    source: {
      kind: 'gear',
      gear: { system: 'module', size: 2.5, teeth: 23, rack: 'iso-53-a', shift: 0 },
      formTeeth: 21,
    },
    tool: { ...FLY, swingMm: 30, bodyMm: 8 },
    note: 'The pinion of the slack-side winch; one tooth is out.',
  },
  {
    ...made,
    name: 'Landing bell clock, 64 into 8',
    source: { kind: 'clock', ratio: 8, leaves: 8, centreMm: 28.8, part: 'wheel' },
    tool: FLY,
    note: 'The clock that rings the last crossing.',
  },
  {
    ...made,
    name: 'Railing knob, 6 mm bead',
    source: BEAD,
    tool: BEAD_TOOL,
    measured: { points: beadMeasured(), on: 'tool', fit: 'free', lowMm: -0.01, highMm: 0.01, doubtMm: 0.002 },
    done: ['blank 1', 'stone 1'],
    way: 'stones',
    steel: 'oil-hardening',
    note: 'Fifty for the new railing.',
  },
];
