import fc from 'fast-check';
import { dialReading, dialTurns, type Dial } from './dial';

describe('a dial', () => {
  const dial: Dial = { travelPerTurnMm: 4, divisions: 80, reads: 'radius', backlashMm: 0.2 };

  it('lands where the collar will stand', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -20, max: 20, noNaN: true }),
        fc.integer({ min: 0, max: 79 }),
        (travel, start) => {
          const { endDivision, wholeTurns, extraDivisions, totalDivisions } = dialReading(
            dial,
            travel,
            start,
          );
          return (
            endDivision >= 0
            && endDivision < 80 + 1e-9
            && Math.abs(wholeTurns * 80 + extraDivisions - totalDivisions) < 1e-6
          );
        },
      ),
    );
  });

  it('needs the same divisions whichever way it is marked', () => {
    expect(dialReading({ ...dial, reads: 'diameter' }, 1).totalDivisions).toBe(
      dialReading(dial, 1).totalDivisions,
    );
    expect(dialReading({ ...dial, reads: 'diameter' }, 1).divisionMarkedMm).toBe(0.1);
  });

  it('winds the backlash out when the sense changes', () =>
    expect(dialReading(dial, 1, 0, true).totalDivisions).toBeCloseTo(24, 9));

  it('whole turns are told as whole turns, not as one less and all divisions', () => {
    // 0.3 / 0.1 is a little under 3 in binary.
    expect(dialReading({ ...dial, travelPerTurnMm: 0.1, divisions: 100 }, 0.3)).toMatchObject({
      wholeTurns: 3,
      extraDivisions: 0,
    });
    expect(dialTurns(0.1, 100, 0.3, 'radius', 'radius')).toMatchObject({ fullTurns: 3, divisionsExact: 0 });
  });

  it('a wind that ends where it began stays on its number', () => {
    expect(dialReading(dial, -4, 0).endDivision).toBeCloseTo(0, 12);
    expect(dialReading(dial, -1, 0).endDivision).toBe(60);
  });

  it('a move on the diameter is half of it on the screw, to the nearest line', () => {
    expect(dialTurns(4, 80, 1.13, 'diameter', 'diameter')).toEqual({
      turns: 0.14125,
      fullTurns: 0,
      divisionsExact: expect.closeTo(11.3, 9),
      divisionLine: 11,
      travelPerDivisionMm: 0.05,
      markedPerDivisionMm: 0.1,
      roundingErrorUm: expect.closeTo(-15, 6),
    });
    expect(dialTurns(4, 80, 1.13, 'radius', 'radius')).toMatchObject({
      turns: 0.2825,
      divisionLine: 23,
      markedPerDivisionMm: 0.05,
    });
  });

  it('just short of a turn the nearest line is 0', () => {
    expect(dialTurns(4, 80, 3.99, 'radius', 'radius')).toMatchObject({ fullTurns: 0, divisionLine: 0 });
    expect(dialTurns(4, 80, 3.96, 'radius', 'radius')).toMatchObject({ fullTurns: 0, divisionLine: 79 });
  });

  it.each<[() => unknown, string]>([
    [() => dialReading({ ...dial, travelPerTurnMm: 0 }, 1), 'travel per turn must be more than 0, got 0'],
    [() => dialReading({ ...dial, divisions: 0 }, 1), 'divisions must be more than 0, got 0'],
    [() => dialTurns(0, 80, 1, 'radius', 'radius'), 'lead of the screw must be more than 0, got 0'],
    [() => dialTurns(4, 0, 1, 'radius', 'radius'), 'divisions must be more than 0, got 0'],
  ])('refuses a wheel that moves nothing, by name: %#', (read, sentence) => {
    expect(read).toThrow(sentence);
  });
});
