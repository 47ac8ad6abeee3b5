import { readWeighing, type Weighed } from './evidence';

const rod: Weighed = { kind: 'cylinder', massG: '113,5', sizes: ['10', '100'], inWaterG: '' };
const fault = (more: Partial<Weighed>) => readWeighing({ ...rod, ...more }, 'mm').fault;

it('reads a weighing as it is typed, in either unit', () => {
  expect(readWeighing(rod, 'mm').density!.gCm3).toBeCloseTo(14.45, 2);
  const inches = readWeighing({ ...rod, sizes: ['0.3937', '3.937'] }, 'in').density!.gCm3;
  expect(inches).toBeCloseTo(14.45, 2);
  // A caliper's reading brings its own unit along.
  expect(readWeighing({ ...rod, sizes: ['10 mm', '100 mm'] }, 'in').density!.gCm3).toBeCloseTo(14.45, 2);
  const block = readWeighing({ ...rod, kind: 'block', massG: '80.6', sizes: ['10', '10', '100'] }, 'mm');
  expect(block.density!.gCm3).toBeCloseTo(8.06, 2);
  expect(
    readWeighing({ ...rod, kind: 'hung-in-water', massG: '9.6', inWaterG: '8.15' }, 'mm').density!.gCm3,
  ).toBeCloseTo(6.61, 2);
});

it('says nothing while something is missing', () => {
  for (const more of [{ massG: '' }, { sizes: ['', '100'] }, { sizes: ['10', 'long'] }, { massG: 'heavy' }])
    expect(readWeighing({ ...rod, ...more }, 'mm')).toEqual({ weighing: null, density: null, fault: null });
});

it('says what cannot be, and does not use it', () => {
  expect(fault({ massG: '5' })).toMatch(/^Lighter than plastic/);
  expect(fault({ massG: '900' })).toMatch(/^Heavier than anything/);
  expect(fault({ kind: 'hung-in-water', inWaterG: '120' })).toBe('In water it must weigh less than in air.');
  expect(readWeighing({ ...rod, massG: '5' }, 'mm').weighing).toBeNull();
});
