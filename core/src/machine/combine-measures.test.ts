import { combineMeasures } from './combine-measures';

describe('measures together', () => {
  it('measures combine between what they say, and two that differ blame neither', () => {
    const two = combineMeasures(
      [1, 2],
      [
        { step: 0, rpm: 100, uRel: 0.005 },
        { step: 1, rpm: 230, uRel: 0.005 },
      ],
    );
    expect(two).toMatchObject({ measuresDisagree: true, flaggedMeasure: null, withoutFlagged: null });
    expect(two.rpm[0]).toBeGreaterThan(100);
    expect(two.rpm[0]).toBeLessThan(115);
    expect(combineMeasures([1, 2], [{ step: 0, rpm: 100, uRel: 0.005 }])).toMatchObject({
      standardisedResiduals: [0],
      measuresDisagree: false,
      rpm: [expect.closeTo(100, 9), expect.closeTo(200, 9)],
    });
    expect(() => combineMeasures([1], [])).toThrow('number of measures must be 1 or more, got 0');
  });

  it('blames the measure that lies furthest off, wherever it stands', () => {
    const measures = (odd: number) =>
      [0, 1, 2, 3].map((step) => ({ step, rpm: 100 * (step === odd ? 1.05 : 1), uRel: 0.005 }));
    for (const odd of [0, 1, 3]) {
      const found = combineMeasures([1, 1, 1, 1], measures(odd));
      expect(found).toMatchObject({ measuresDisagree: true, flaggedMeasure: odd });
      expect(found.withoutFlagged!.rpm[0]).toBeCloseTo(100, 9);
    }
  });

  it.each<[() => unknown, string]>([
    [
      () => combineMeasures([1], [{ step: 0, rpm: 0, uRel: 0.01 }]),
      'measured speed must be more than 0, got 0',
    ],
    [
      () => combineMeasures([0], [{ step: 0, rpm: 9, uRel: 0.01 }]),
      'relative speed must be more than 0, got 0',
    ],
    [() => combineMeasures([1], [{ step: 1, rpm: 9, uRel: 0.01 }]), 'step must be from 0 to 0, got 1'],
    [() => combineMeasures([1], [{ step: 0, rpm: 9, uRel: 0 }]), 'uncertainty must be more than 0, got 0'],
  ])('refuses what is no measure, by name: %#', (combine, sentence) => {
    expect(combine).toThrow(sentence);
  });
});
