import { type MachineBody } from '@pike-stone/contract';
import { FRESH_MACHINES } from '../machine/fresh-machines';
import { NAME, NOTE, type FieldSpec, type FormGroup, type Raw } from './form-spec';

const wheel = (path: string, label: string): FieldSpec[] => [
  { type: 'length', path: `${path}.travelPerTurnMm`, label: `${label}, travel of one turn` },
  { type: 'number', path: `${path}.divisions`, label: `${label}, divisions` },
];

/** How the collar of a slide is marked, and its slack. */
const collar = (path: string, label: string): FieldSpec[] => [
  {
    type: 'choice',
    path: `${path}.reads`,
    label: `${label} is marked with`,
    start: 'radius',
    options: [
      { value: 'radius', label: 'Slide travel' },
      { value: 'diameter', label: 'Diameter' },
    ],
  },
  { type: 'length', path: `${path}.backlashMm`, label: `${label}, backlash`, optionalZero: true },
];

const dial = (path: string, label: string): FieldSpec[] => [...wheel(path, label), ...collar(path, label)];

const MOTOR: FormGroup = {
  title: 'Motor',
  fields: [
    {
      type: 'number',
      path: 'motor.powerKw',
      label: 'Power, kW',
      about: '1 hp is 0.746 kW; empty: not known',
      makes: 'motor',
    },
    {
      type: 'choice',
      path: 'motor.phases',
      label: 'Supply',
      numeric: true,
      start: '1',
      options: [
        { value: '1', label: 'Single-phase' },
        { value: '3', label: 'Three-phase' },
      ],
    },
    {
      type: 'number',
      path: 'motor.efficiency',
      label: 'Share that reaches the spindle',
      start: '0.75',
      about: 'direct V-belt 0.80, flat belt 0.75, geared head 0.70',
    },
  ],
};

const limit = (key: string, label: string, about?: string): FieldSpec => ({
  type: 'length',
  path: `limits.${key}`,
  label,
  about,
  optional: true,
});

const collets: FieldSpec = {
  type: 'lengths',
  path: 'limits.colletsMm',
  label: 'Collets',
  about: 'a semicolon between: 6; 10; 1/2',
};

const chuckRpm: FieldSpec = {
  type: 'number',
  path: 'limits.chuckRpm',
  label: 'Most the chuck may turn, rpm',
  about: 'marked on it; a jaw standing out lowers it',
};

const LIMITS: Readonly<Record<MachineBody['kind'], readonly FieldSpec[]>> = {
  lathe: [
    limit('swingMm', 'Swing over the bed, diameter'),
    limit('overSlideMm', 'Swing over the cross slide, diameter'),
    limit('betweenCentresMm', 'Between centres'),
    limit('centreHeightMm', 'Centre height over the bed'),
    limit(
      'toolHeightMm',
      'Tool height, from the tool rest to the centre',
      'the tallest shank that can be packed up to the centre',
    ),
    limit('spindleBoreMm', 'Bore of the spindle'),
    collets,
    chuckRpm,
  ],
  'vertical-mill': [collets, limit('largestDrillMm', 'Largest drill it holds')],
  'horizontal-mill': [collets, limit('largestDrillMm', 'Largest drill it holds')],
  'drill-press': [limit('largestDrillMm', 'Largest drill it holds')],
  shaper: [limit('strokeMm', 'Longest stroke')],
};

const WHEELS: Readonly<Record<MachineBody['kind'], readonly FieldSpec[]>> = {
  lathe: [
    ...wheel('carriageWheel', 'Carriage'),
    ...dial('crossSlide', 'Cross slide'),
    ...wheel('tailstockWheel', 'Tailstock'),
    {
      type: 'length',
      path: 'compoundSlide.travelPerTurnMm',
      label: 'Compound slide, travel of one turn',
      optional: true,
      makes: 'compoundSlide',
      about: 'empty: not known, then tapers and threads are told in travel',
    },
    { type: 'number', path: 'compoundSlide.divisions', label: 'Compound slide, divisions', start: '100' },
    ...collar('compoundSlide', 'Compound slide'),
  ],
  'vertical-mill': [
    ...wheel('tableWheel', 'Table'),
    ...dial('kneeDial', 'Knee'),
    ...wheel('quillWheel', 'Quill'),
  ],
  'horizontal-mill': [
    ...wheel('tableWheel', 'Table'),
    ...dial('kneeDial', 'Knee'),
    ...wheel('quillWheel', 'Cross feed'),
  ],
  'drill-press': wheel('quillWheel', 'Quill handle'),
  shaper: [
    ...wheel('tableWheel', 'Table'),
    ...dial('toolSlide', 'Tool slide'),
    {
      type: 'number',
      path: 'returnRatio',
      label: 'Time of the cutting stroke over the return',
      about: '1.3 to 2, commonly 1.5; at the longest stroke',
    },
  ],
};

/** The list of feeds a machine has. */
const feedSteps = (valueLabel: string, lengthPer: string, about = ''): FieldSpec => ({
  type: 'steps',
  path: 'feeds',
  label: 'Feed',
  valueKey: 'value',
  valueLabel,
  lengthPer,
  about: `${about}Leave empty when it is fed by hand.`,
});
const MILL_FEEDS: FormGroup = { title: 'Table feeds', fields: [feedSteps('per minute', 'min')] };

/** Fields for the feeds of each kind of machine; a drill press is fed by hand. */
const FEEDS: Readonly<Record<MachineBody['kind'], FormGroup | null>> = {
  lathe: {
    title: 'Carriage feeds',
    fields: [
      feedSteps('per turn', 'rev'),
      {
        type: 'number',
        path: 'crossFeedRatio',
        label: 'Cross feed over carriage feed',
        about: '1 when they are the same, commonly 0.5',
      },
    ],
  },
  'vertical-mill': MILL_FEEDS,
  'horizontal-mill': MILL_FEEDS,
  'drill-press': null,
  shaper: {
    title: 'Table feeds',
    fields: [feedSteps('per stroke', 'stroke', 'What the ratchet gives at each tooth. ')],
  },
};

const machineKinds = Object.values(FRESH_MACHINES).map(({ kind }) => kind);

export function machineGroups(raw: Raw): FormGroup[] {
  const kind = machineKinds.find((one) => one === raw.kind) ?? 'lathe';
  const feeds = FEEDS[kind];
  return [
    {
      title: 'The machine',
      fields: [
        NAME,
        {
          type: 'choice',
          path: 'condition',
          label: 'Condition',
          about: 'Tired: play in the spindle, worn gibs, slack. It lowers speed, feed and depth.',
          options: [
            { value: 'rigid', label: 'Rigid' },
            { value: 'ordinary', label: 'Ordinary' },
            { value: 'tired', label: 'Tired' },
          ],
        },
        { type: 'tick', path: 'light', label: 'Light build', about: 'small castings that bend' },
      ],
    },
    // With a drive the speeds come from its drawing.
    ...(raw.drive
      ? []
      : [
          {
            title: kind === 'shaper' ? 'Strokes a minute' : 'Spindle speeds',
            fields: [
              {
                type: 'steps',
                path: 'speeds',
                label: 'Speed',
                valueKey: 'rpm',
                valueLabel: kind === 'shaper' ? 'a minute' : 'rpm',
                about: 'Every speed it has, with its belt or lever.',
              } as const,
            ],
          },
        ]),
    ...(feeds ? [feeds] : []),
    { title: 'Handwheels', fields: WHEELS[kind] },
    ...(raw.drive ? [] : [MOTOR]),
    { title: 'Limits, empty where not known', fields: LIMITS[kind] },
    { title: 'Note', fields: [NOTE] },
  ];
}
