import { drillList, drillSize } from './drill-sizes';

describe('number and letter drills', () => {
  it.each([
    ['#7', '#7', 0.201],
    ['no. 07', '#7', 0.201],
    [' number 80 drill ', '#80', 0.0135],
    ['#1', '#1', 0.228],
  ])('%p is %s', (text, name, diameterIn) =>
    expect(drillSize(text)).toEqual({
      status: 'ok',
      kind: 'number-drill',
      name,
      diameterIn,
      diameterMm: diameterIn * 25.4,
    }),
  );

  it.each([
    ['F', 'F', 0.257],
    ['letter z drill', 'Z', 0.413],
    ['a', 'A', 0.234],
  ])('%p is letter %s', (text, name, diameterIn) =>
    expect(drillSize(text)).toEqual({
      status: 'ok',
      kind: 'letter-drill',
      name,
      diameterIn,
      diameterMm: diameterIn * 25.4,
    }),
  );

  it.each([
    ['', 'empty'],
    ['drill', 'empty'],
    ['#81', 'drill-out-of-range'],
    ['#0', 'drill-out-of-range'],
    ['drill 7', 'not-a-drill'],
    ['6 mm', 'not-a-drill'],
  ])('%p is refused: %s', (text, reason) => expect(drillSize(text)).toEqual({ status: 'refused', reason }));

  it('are listed with their names, numbers falling and letters rising', () => {
    const [numbers, letters] = [drillList('number'), drillList('letter')];
    expect([numbers.length, letters.length]).toEqual([80, 26]);
    expect(numbers[6]).toEqual({ name: '#7', diameterMm: 0.201 * 25.4 });
    expect(letters[5]).toEqual({ name: 'F', diameterMm: 0.257 * 25.4 });
    const sizes = [...[...numbers].reverse(), ...letters].map(({ diameterMm }) => diameterMm);
    expect([...sizes].sort((a, b) => a - b)).toEqual(sizes);
    for (const { name, diameterMm } of [...numbers, ...letters])
      expect(drillSize(name)).toMatchObject({ status: 'ok', diameterMm });
  });
});
