import { PATTERN_ALLOWANCE_MM, clockTrain, patternRange, piecesOf, shapeOf } from '@pike-stone/core/form';
import { sayPatternBars, sayPatternRange, sayPieceSize, sayTrain } from './source';

it('the counts that may be a pattern are said with their allowance in the unit of the shop', () => {
  const range = patternRange(1, 30, 20);
  expect(range).toEqual(patternRange(1, 30, 20, PATTERN_ALLOWANCE_MM));
  expect(sayPatternRange(range, 'mm')).toMatch(/^Within 10\sµm a pattern has 29 to 32 teeth\./);
  expect(sayPatternRange(range, 'inch')).toMatch(/^Within 0\.39\sthou a pattern has/);
  expect(sayPatternBars('mm')).toContain('in µm, by the teeth of the pattern; the line is 10\u00a0µm');
  expect(sayPatternBars('inch')).toContain('in thou');
});

it('a line says its length and lean, an arc its radius', () => {
  const { profile } = shapeOf({ kind: 'chamfer', widthMm: 2, angleDeg: 60 });
  const [land, flank] = piecesOf(profile).map((piece) => sayPieceSize(piece, 'mm'));
  expect(land).toBe('1.73\u00a0mm');
  expect(flank).toBe('4\u00a0mm, 30°');
  const groove = shapeOf({ kind: 'radius', shape: 'groove', radiusMm: 6.35, depthMm: 2 });
  expect(piecesOf(groove.profile).map((piece) => sayPieceSize(piece, 'inch'))).toContain('R 0.250\u00a0in');
});

it('a clock train says its wheel, its module and how near its ratio comes', () => {
  expect(sayTrain(clockTrain(8, 8, 28.8))).toBe('64 teeth, module 0.8\u00a0mm, the ratio exactly');
  expect(sayTrain(clockTrain(7.5, 9, 20))).toMatch(/^68 teeth, module .*, ratio 0\.056 too high$/);
  expect(sayTrain(clockTrain(7.4, 8, 20))).toMatch(/ratio 0\.025 too low$/);
});
