import type { FormBody } from '@pike-stone/contract';
import { cutterRange, type FormSource, type FormSourceKind, type FormTool } from '@pike-stone/core/form';
import { SOURCE_WORDS } from '@pike-stone/words/form';

/** A fly cutter as it is usually made. */
const USUAL_FLY: Extract<FormTool, { kind: 'fly' }> = {
  kind: 'fly',
  swingMm: 25,
  bodyMm: 6,
  rakeDeg: 0,
  clearanceDeg: 12,
};

/** Teeth that a cutter is drawn for when it shall serve its whole range: the fewest. */
export const rangeTeeth = (teeth: number): number => cutterRange(teeth)?.fromTeeth ?? teeth;

/** What each kind of form is begun with, until its figures are typed. */
const BEGINS: Readonly<Record<FormSourceKind, FormSource>> = {
  gear: {
    kind: 'gear',
    gear: { system: 'module', size: 1, teeth: 40, rack: 'iso-53-a', shift: 0 },
    formTeeth: 40,
  },
  clock: { kind: 'clock', ratio: 8, leaves: 8, centreMm: 28.8, part: 'wheel' },
  thread: { kind: 'thread', form: 'iso-60', pitchMm: 2 },
  radius: { kind: 'radius', shape: 'groove', radiusMm: 3, depthMm: 3 },
  chamfer: { kind: 'chamfer', widthMm: 2, angleDeg: 45 },
  corners: {
    kind: 'corners',
    corners: [
      [-4, 3, 0],
      [-2, 0, 0],
      [2, 0, 0],
      [4, 3, 0],
    ],
  },
  points: {
    kind: 'points',
    points: [
      [-3, 2],
      [-2, 0.9],
      [-1, 0.2],
      [0, 0],
      [1, 0.2],
      [2, 0.9],
      [3, 2],
    ],
    toleranceMm: 0.02,
  },
};

const TURNED: readonly FormSourceKind[] = ['thread', 'radius', 'chamfer', 'corners', 'points'];

/** A form cutter to begin with. */
export const freshForm = (kind: FormSourceKind): FormBody => ({
  name: `Cutter for ${SOURCE_WORDS[kind].name.toLowerCase()}`,
  source: BEGINS[kind],
  tool: TURNED.includes(kind) ? { kind: 'flat', smallestMm: 10, rakeDeg: 0, clearanceDeg: 8 } : USUAL_FLY,
  way: 'slides',
  steel: 'silver-steel',
  done: [],
  measured: null,
  faceGroundMm: 0,
  spacesCut: 0,
  toolId: null,
  note: '',
});

/** A tool of another kind for the same form, as it is usually made. */
export function usualTool(kind: FormTool['kind'], before: FormTool, depthMm: number): FormTool {
  const smallestMm = 'smallestMm' in before ? before.smallestMm : 10;
  const clearanceDeg = 'clearanceDeg' in before ? before.clearanceDeg : 10;
  const { rakeDeg } = before;
  switch (kind) {
    case 'fly':
      return { ...USUAL_FLY, rakeDeg };
    case 'multi': {
      const diameterMm = Math.max(32, Math.ceil(8 * depthMm));
      return {
        kind,
        diameterMm,
        teeth: 6,
        rakeDeg,
        reliefDeg: 10,
        gashDepthMm: Math.ceil(10 * (depthMm + Math.max(1, diameterMm / 10))) / 10,
        gashAngleDeg: 60,
      };
    }
    case 'flat':
      return { kind, smallestMm, rakeDeg, clearanceDeg };
    case 'circular':
      return { kind, smallestMm, toolRadiusMm: Math.max(20, Math.ceil(4 * depthMm)), rakeDeg, clearanceDeg };
  }
}
