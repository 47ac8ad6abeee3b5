import { beltTable, beltTableFromOne, reduction } from './belt-table';

describe('a belt table', () => {
  it('one measured step gives the table that the motor would give', () => {
    const stage = { driverMm: [75, 100, 125], drivenMm: [125, 100, 75] };
    const whole = beltTable(1425, [stage], 2).directRpm;
    beltTableFromOne(stage, 0, whole[0]!, 0.004, 0.5).rpm.forEach((rpm, i) =>
      expect(rpm).toBeCloseTo(whole[i]!, 9),
    );
  });

  it('refuses cones that do not match, a pulley of nothing and a gear train without a partner', () => {
    expect(() => beltTable(1425, [{ driverMm: [60, 90], drivenMm: [150] }])).toThrow(
      'number of driven pulleys must be from 2 to 2, got 1',
    );
    expect(() => beltTable(1425, [{ driverMm: [0], drivenMm: [150] }])).toThrow(
      'pulley diameter must be more than 0',
    );
    expect(() => reduction({ driversTeeth: [25], drivenTeeth: [] })).toThrow('number of driven');
  });

  it.each<[() => unknown, string]>([
    [
      () => reduction({ driversTeeth: [], drivenTeeth: [] }),
      'number of driven gears must be from 1 to 0, got 0',
    ],
    [() => reduction({ driversTeeth: [25], drivenTeeth: [0] }), 'teeth must be more than 0, got 0'],
    [() => beltTable(1425, [{ driverMm: [], drivenMm: [] }]), 'number of driven pulleys must be from 1 to 0'],
    [
      () => beltTable(1425, [{ driverMm: [60], drivenMm: [0] }]),
      'pulley diameter must be more than 0, got 0',
    ],
    [() => beltTable(0, [{ driverMm: [60], drivenMm: [90] }]), 'motor speed must be more than 0, got 0'],
    [() => beltTable(1425, []), 'number of belts must be 1 or more, got 0'],
    [() => beltTable(1425, [{ driverMm: [60], drivenMm: [90] }], 51), 'slip must be from 0 to 50, got 51'],
    [
      () => beltTableFromOne({ driverMm: [60], drivenMm: [90] }, 1, 500, 0.01, 0.2),
      'measured step must be from 0 to 0, got 1',
    ],
    [
      () => beltTableFromOne({ driverMm: [60], drivenMm: [90] }, 0, 0, 0.01, 0.2),
      'measured speed must be more than 0, got 0',
    ],
  ])('refuses what makes no table, by name: %#', (table, sentence) => {
    expect(table).toThrow(sentence);
  });
});
