import { bitOf } from '@pike-stone/core/grind-fixture';
import { millJob } from '@pike-stone/core/wheel-fixture';
import { solidWork } from './solid-pieces';

const ignore = () => undefined;
const away = () => Promise.reject(new Error('no network'));

test('without the solid library a bit is cut flat, and says why', async () => {
  const work = solidWork(away);
  const answer = await work.ground(bitOf('general'), ignore);
  expect(answer!.plainBecause).toBe('no network');
  expect(answer!.read.angles!.sideClearanceDeg).toBeCloseTo(10, 6);
});

test('the library is asked for again with the next bit', async () => {
  const start = jest.fn(away);
  const work = solidWork(start);
  await work.ground(bitOf('general'), ignore);
  await work.ground(bitOf('knife'), ignore);
  expect(start).toHaveBeenCalledTimes(2);
});

test('a left-hand bit is the mirror image of the right-hand one', async () => {
  const work = solidWork(away);
  const [right, left] = [
    await work.ground(bitOf('knife'), ignore),
    await work.ground(bitOf('knife', { hand: 'left' }), ignore),
  ];
  const widest = (answer: typeof right) =>
    Math.max(...answer!.facets.flatMap(({ corners }) => corners.map(([, y]) => y)));
  expect(widest(right)).toBe(0);
  expect(widest(left)).toBe(10);
  expect(left!.read.angles!.kappaDeg).toBeCloseTo(92, 6);
});

test('at a step the bit is as its first cuts left it', async () => {
  const facets = await solidWork(away).after(bitOf('general'), 1);
  const made = new Set(facets!.map(({ by }) => by));
  expect(made).toEqual(new Set(['blank', 'side']));
});

test('the whole bit is written as a file of triangles', async () => {
  const bytes = await solidWork(away).stl(bitOf('general'), 'General');
  expect(bytes!.byteLength).toBeGreaterThan(84 + 50 * 20);
});

test('the end of a cutter is cut with the relief that was asked for, flat without the library', async () => {
  const answer = await solidWork(away).endTeeth(millJob(), ignore);
  expect(answer!.plainBecause).toBe('no network');
  expect(new Set(answer!.facets.map(({ by }) => by))).toContain('primary-1');
  // The chord of 0.8 mm on a 60 mm wheel at 6°.
  expect(answer!.read!.edgeDeg).toBeCloseTo(5.23, 1);
});
