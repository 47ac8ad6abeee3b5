import fc from 'fast-check';
import { handFeed } from './hand-feed';
import { pace } from './pacer';

it('the pacer keeps to easy divisions and a beat that can be followed', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 10, max: 400, noNaN: true }),
      fc.constantFrom(50, 80, 100, 125),
      (mmMin, divisions) => {
        const feed = handFeed(mmMin, 5, divisions);
        const { divisions: each, beatS } = pace(feed, divisions);
        expect(each / beatS).toBeCloseTo(feed.divisionsPerSecond, 6);
        expect(beatS).toBeGreaterThan(0.3);
        expect(beatS).toBeLessThan(3);
      },
    ),
  );
});

/** A wheel turned so that this many divisions pass each second. */
const passing = (divisionsPerSecond: number) => ({ secondsPerTurn: 1, turnsPerMin: 60, divisionsPerSecond });

it.each([
  ['50 in 0.8 s', 62.5, 125, { divisions: 50, beatS: 0.8 }],
  ['no easy number of more than a turn', 50, 20, { divisions: 40, beatS: 0.8 }],
  ['an easy number of just a turn', 25, 20, { divisions: 20, beatS: 0.8 }],
  ['the longest beat, 1.6 s', 0.625, 100, { divisions: 1, beatS: 1.6 }],
  ['the shortest beat, 0.45 s', 20 / 0.45, 20, { divisions: 20, beatS: 0.45 }],
  ['a fast wheel: whole and half divisions in 0.8 s', 300.4, 80, { divisions: 240.5, beatS: 240.5 / 300.4 }],
  ['a slow wheel: half a division at least', 0.1, 100, { divisions: 0.5, beatS: 5 }],
])('%s', (_, divisionsPerSecond, divisionsOnDial, beat) => {
  expect(pace(passing(divisionsPerSecond), divisionsOnDial)).toEqual(beat);
});

it('of the easy numbers takes the one whose beat is nearest to 0.8 s', () => {
  // 10 in 0.5 s, 20 in 1 s; 25 in 1.25 s.
  expect(pace(passing(20), 100)).toEqual({ divisions: 20, beatS: 1 });
  // 10 in 0.67 s, 20 in 1.33 s.
  expect(pace(passing(15), 100)).toEqual({ divisions: 10, beatS: 10 / 15 });
});
