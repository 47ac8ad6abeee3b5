import { shapeOf } from '@pike-stone/core/form';
import { MULTI, SMALL_GEAR, SPACE } from '@pike-stone/core/form-fixture';
import { sayHeightErrors, saySharpening, saySharpeningsLeft, sayUncorrected } from './correction';
import { sayCutterNote } from './tool';

it('an error of the form is said with its sign, and none is none', () => {
  expect(sayUncorrected({ depthMm: 2, errorMm: 0 }, 'mm')).toContain('needs no correction');
  expect(sayUncorrected({ depthMm: 2, errorMm: -0.037 }, 'mm')).toContain('up to −37\u00a0µm in depth');
  expect(sayHeightErrors(0.2, 0.05, -0.04, 'inch')).toBe(
    'Edge 7.9\u00a0thou too high: +2\u00a0thou; too low: −1.6\u00a0thou, at the worst place.',
  );
});

it('sharpening says what is kept, what is lost and how many are left', () => {
  expect(saySharpening('face-radial', 0.2, 0, 'mm')).not.toContain('after');
  expect(saySharpening('edge-moves-in', 0.2, -0.0425, 'mm')).toContain(
    '43\u00a0µm after 0.2\u00a0mm off the face',
  );
  expect(saySharpeningsLeft(30, 0, 0, 'mm')).toBe('About 30 sharpenings left, at 0.1\u00a0mm each.');
  expect(saySharpeningsLeft(30, 0, 0, 'inch')).toContain('at 4\u00a0thou each');
  expect(saySharpeningsLeft(28, 0.2, 0.04, 'mm')).toContain(
    '0.2\u00a0mm are off its face, which is 40\u00a0µm of the form.',
  );
});

it('the drawer reads which counts a gear cutter serves, its error and its sharpenings', () => {
  const note = (formTeeth: number): string => {
    const source = { ...SPACE, formTeeth };
    return sayCutterNote(source, shapeOf(source), 12, 'mm');
  };
  expect(note(SMALL_GEAR.teeth)).toBe('module 1, for 20 teeth; about 12 sharpenings left');
  expect(note(17)).toBe(
    'module 1, for 17 to 20 teeth; error up to 37\u00a0µm at 20 teeth; about 12 sharpenings left',
  );
  const chamfer = { kind: 'chamfer', widthMm: 2, angleDeg: 45 } as const;
  expect(sayCutterNote(chamfer, shapeOf(chamfer), MULTI.teeth, 'mm')).toBe('about 7 sharpenings left');
});
