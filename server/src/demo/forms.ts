import type { FormBody } from '@pike-stone/contract';

const FLY = { kind: 'fly', swingMm: 25, bodyMm: 6, rakeDeg: 0, clearanceDeg: 12 } as const;
const made = {
  way: 'slides',
  steel: 'silver-steel',
  done: [],
  measured: null,
  spacesCut: 0,
  toolId: null,
} as const;

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
    source: { kind: 'radius', shape: 'bead', radiusMm: 6, depthMm: 6 },
    tool: { kind: 'flat', smallestMm: 9, rakeDeg: 6, clearanceDeg: 8 },
    way: 'stones',
    steel: 'oil-hardening',
    note: 'Fifty for the new railing.',
  },
];
