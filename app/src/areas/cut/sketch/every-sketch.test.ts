import { OPERATION_KEYS, type CutSetup, type OperationKey } from '@pike-stone/core';
import { COLOURS } from '../../../theme/colours';
import { TOOLS } from '@pike-stone/core/fixture';
import { cutOf, LATHE, MILL } from '../cut.fixture';
import { MORE_SKETCHES } from '../operation/more-sketches';
import { USUAL_SKETCHES } from '../operation/usual-sketches';
import type { DimensionKey } from './cut-mark';
import { sketchIn } from './drawing';

const sketchOf = (operation: OperationKey) =>
  sketchIn(USUAL_SKETCHES, operation) ?? sketchIn(MORE_SKETCHES, operation);
const drawn = (operation: OperationKey, more: Partial<CutSetup> = {}, units: 'mm' | 'inch' = 'mm') => {
  const { setup, plan } = cutOf({ operation, ...more });
  const { marks, says } = sketchOf(operation)!.draw({
    setup,
    plan,
    units,
    width: 390,
    height: 264,
    pen: COLOURS.light,
  });
  return {
    says: says.replace(/\u00a0/g, ' '),
    keys: marks.map(({ key }) => key),
    figure: (key: DimensionKey) => marks.find((mark) => mark.key === key),
  };
};
const onMill = { machine: MILL };

const TABLE: readonly (readonly [OperationKey, Partial<CutSetup>, RegExp, readonly DimensionKey[]])[] = [
  [
    'turn',
    {},
    /^Turning ⌀40 mm, .* deep, 60 mm out of the chuck$/,
    ['diameter', 'depth', 'stickOut', 'feed'],
  ],
  [
    'shoulder',
    { lengthMm: 25 },
    /to a shoulder 25 mm from the end/,
    ['diameter', 'stickOut', 'length', 'depth', 'feed'],
  ],
  [
    'taper',
    { lengthMm: 40 },
    /^Taper of 1.43° half angle, 40 mm long, from ⌀40 mm to ⌀38 mm, by compound slide$/,
    ['diameter', 'stickOut', 'angle', 'length', 'depth', 'feed'],
  ],
  [
    'taper',
    { lengthMm: 40, way: 'offset-head', support: 'between-centres' },
    /by offset head in the tailstock$/,
    ['diameter', 'stickOut', 'angle', 'length', 'depth', 'feed'],
  ],
  [
    'groove',
    { tool: { ...TOOLS['parting-blade'], widthMm: 3 }, widthMm: 6 },
    /^Grooving ⌀40 mm, 6 mm wide and 2 mm deep$/,
    ['diameter', 'stickOut', 'width', 'depth', 'feed'],
  ],
  [
    'form',
    { tool: { ...TOOLS['form-tool'], widthMm: 8, depthMm: 3 } },
    /a form 8 mm wide, 3 mm deep$/,
    ['diameter', 'stickOut', 'depth', 'feed'],
  ],
  [
    'chamfer',
    { depthMm: 2, angleDeg: 30 },
    /^Chamfer of 2 mm at 30° on ⌀40 mm$/,
    ['diameter', 'stickOut', 'depth', 'angle', 'feed'],
  ],
  [
    'thread',
    { tool: TOOLS['threading-tool'], pitchMm: 2 },
    /^Thread ⌀40 mm, pitch 2 mm, 1.42 mm deep/,
    ['diameter', 'stickOut', 'pitch', 'length', 'feed'],
  ],
  [
    'knurl',
    { pitchMm: 1.2 },
    /^Knurling ⌀40 mm with a pitch of 1.2 mm$/,
    ['diameter', 'stickOut', 'pitch', 'feed'],
  ],
  ['file', {}, /^Filing ⌀40 mm$/, ['diameter', 'stickOut', 'feed']],
  [
    'centre-drill',
    { tool: { ...TOOLS['centre-drill'], diameterMm: 3.15, bodyMm: 8 } },
    /^Centre hole, pilot ⌀3.15 mm, mouth ⌀6.4 mm, 6.28 mm deep$/,
    ['diameter', 'depth', 'feed'],
  ],
  [
    'plunge',
    onMill,
    /^Plunging ⌀12 mm, 6 mm before the chips are lifted$/,
    ['diameter', 'depth', 'stickOut', 'feed'],
  ],
  [
    'ramp',
    { ...onMill, angleDeg: 2, depthMm: 4 },
    /^Ramping down 4 mm at 2°, over 115 mm$/,
    ['diameter', 'depth', 'angle', 'feed'],
  ],
  [
    'fly-cut',
    { ...onMill, tool: { ...TOOLS['fly-cutter'], diameterMm: 80, teeth: 1 } },
    /^Fly-cutting 60 mm wide with a tip circle of ⌀80 mm$/,
    ['diameter', 'depth', 'width', 'feed'],
  ],
  [
    'saw',
    {
      ...onMill,
      tool: { ...TOOLS['slitting-saw'], diameterMm: 80, teeth: 48, thicknessMm: 1.6 },
      depthMm: 5,
    },
    /^Sawing 5 mm deep with ⌀80 mm, 1.6 mm thick, 48 teeth$/,
    ['diameter', 'depth', 'feed'],
  ],
  [
    'form-mill',
    { ...onMill, tool: { ...TOOLS['form-cutter'], diameterMm: 63, teeth: 12, widthMm: 8, depthMm: 4 } },
    /^Form-milling 4 mm deep with ⌀63 mm, 8 mm wide, 12 teeth$/,
    ['diameter', 'depth', 'feed'],
  ],
  [
    'mill-bore',
    onMill,
    /^Boring ⌀40 mm with the boring head, .* bar 60 mm out$/,
    ['diameter', 'depth', 'stickOut', 'feed'],
  ],
  [
    't-slot',
    { ...onMill, tool: { ...TOOLS['t-slot-cutter'], diameterMm: 25, headHeightMm: 11 } },
    /^T-slot with a head of ⌀25 mm, 11 mm high$/,
    ['diameter', 'depth', 'stickOut', 'feed'],
  ],
  [
    'dovetail',
    { ...onMill, tool: { ...TOOLS['dovetail-cutter'], diameterMm: 25, angleDeg: 60, slantHeightMm: 10 } },
    /^Dovetail of 60° with ⌀25 mm, 10 mm deep, .* at a time$/,
    ['diameter', 'depth', 'width', 'angle', 'feed'],
  ],
];

test.each(TABLE)(
  '%s is drawn as it is set up, each of its figures to be touched',
  (operation, more, says, keys) => {
    const found = drawn(operation, more);
    expect(found.says).toMatch(says);
    expect(found.keys).toEqual(keys);
  },
);

test('every operation of lathe and mill has a sketch', () => {
  for (const operation of OPERATION_KEYS) expect(sketchOf(operation)).not.toBeNull();
});

test('a thread is called by its number in inches, by its pitch in millimetres', () => {
  const more = { tool: TOOLS['threading-tool'], pitchMm: 1.27 };
  expect(drawn('thread', more).figure('pitch')).toMatchObject({ figure: '1.27', after: 'pitch' });
  expect(drawn('thread', more, 'inch').figure('pitch')).toMatchObject({
    figure: '20',
    after: 'tpi',
    says: '20 threads to the inch',
  });
});

test('a file is fed by strokes, a mill by hand in a minute, a lathe by the turn', () => {
  expect(drawn('file').figure('feed')).toMatchObject({ figure: '30', after: 'strokes/min' });
  expect(drawn('plunge', onMill).figure('feed')!.after).toBe('mm/min');
  expect(drawn('turn', { machine: LATHE }).figure('feed')!.after).toBe('mm/rev');
});

test('between centres it is told what lies between them', () => {
  expect(drawn('turn', { support: 'between-centres' }).figure('stickOut')).toMatchObject({
    after: 'between',
    says: expect.stringContaining('Between the centres'),
  });
  expect(drawn('shoulder', { support: 'between-centres' }).figure('stickOut')).toMatchObject({
    after: 'between',
  });
});
