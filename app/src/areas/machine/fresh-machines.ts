import type { MachineBody, MachineOf } from '@pike-stone/contract';

const anyMachine = {
  name: '',
  condition: 'ordinary',
  light: false,
  speeds: [{ rpm: 100, setting: '' }],
  feeds: [],
  note: '',
} as const satisfies Partial<MachineBody>;
const start = () =>
  structuredClone(anyMachine) as Pick<
    MachineBody,
    'name' | 'condition' | 'light' | 'speeds' | 'feeds' | 'note'
  >;
const dial = { travelPerTurnMm: 2.5, divisions: 100, reads: 'radius', backlashMm: 0.2 } as const;
const millParts = {
  tableWheel: { travelPerTurnMm: 5, divisions: 100 },
  kneeDial: dial,
  quillWheel: { travelPerTurnMm: 2, divisions: 100 },
};

/** A machine of each kind before anything is known of it. */
export const FRESH_MACHINES: { readonly [K in MachineBody['kind']]: MachineOf<K> } = {
  lathe: {
    ...start(),
    kind: 'lathe',
    crossFeedRatio: 0.5,
    carriageWheel: { travelPerTurnMm: 20, divisions: 100 },
    crossSlide: dial,
    tailstockWheel: { travelPerTurnMm: 2.5, divisions: 100 },
  },
  'vertical-mill': { ...start(), kind: 'vertical-mill', ...millParts },
  'horizontal-mill': { ...start(), kind: 'horizontal-mill', ...millParts },
  'drill-press': { ...start(), kind: 'drill-press', quillWheel: { travelPerTurnMm: 60, divisions: 60 } },
  shaper: {
    ...start(),
    kind: 'shaper',
    returnRatio: 1.5,
    tableWheel: { travelPerTurnMm: 5, divisions: 100 },
    toolSlide: { ...dial, travelPerTurnMm: 2 },
  },
};
