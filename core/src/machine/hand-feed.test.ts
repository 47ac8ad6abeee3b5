import { beatForDivisions, divisionsPerBeat, handFeed } from './hand-feed';

describe('winding a wheel', () => {
  it('says how fast to wind', () =>
    expect(handFeed(95, 2.5, 125)).toMatchObject({
      secondsPerTurn: expect.closeTo(1.579, 3),
      turnsPerMin: 38,
    }));

  it('divisions and the beat in which they pass are each other’s inverse', () => {
    const feed = handFeed(95, 2.5, 125);
    expect(divisionsPerBeat(feed, 0.8)).toBeCloseTo(63.33, 2);
    expect(beatForDivisions(feed, 50)).toBeCloseTo(0.632, 3);
  });

  it('refuses a feed or a wheel of nothing', () => {
    expect(() => handFeed(0, 2.5, 125)).toThrow('feed rate must be more than 0, got 0');
    expect(() => handFeed(95, 0, 125)).toThrow('travel per turn must be more than 0, got 0');
  });
});
