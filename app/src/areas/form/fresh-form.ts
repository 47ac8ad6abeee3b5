import type { FormBody } from '@pike-stone/contract';
import { toolFor, type FormSource, type FormSourceKind } from '@pike-stone/core/form';
import { SOURCE_WORDS } from '@pike-stone/words/form';

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

/** A form cutter to begin with. */
export const freshForm = (kind: FormSourceKind): FormBody => ({
  name: `Cutter for ${SOURCE_WORDS[kind].name.toLowerCase()}`,
  source: BEGINS[kind],
  tool: toolFor(kind),
  way: 'slides',
  steel: 'silver-steel',
  done: [],
  measured: null,
  faceGroundMm: 0,
  spacesCut: 0,
  toolId: null,
  note: '',
});
