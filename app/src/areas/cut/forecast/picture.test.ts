import { forecast } from '@pike-stone/core/forecast';
import { cutOf } from '../cut.fixture';
import { barsOf, bendOf, finishPlace } from './picture';

const bars = (more: Parameters<typeof cutOf>[0] = {}) => {
  const { setup, plan } = cutOf(more);
  return barsOf(forecast(setup, plan), plan);
};

it('power, heat and life are bars with their limits marked', () => {
  expect(bars().map(({ key, mark }) => [key, mark])).toEqual([
    ['power', 0.75],
    ['heat', 1],
    ['life', expect.closeTo(Math.log(30) / Math.log(120), 9)],
  ]);
  expect(bars().every(({ full }) => full > 0 && full <= 1)).toBe(true);
});

it('a depth that the machine does not drive stands in danger, full to the end', () => {
  expect(bars({ depthMm: 15, workDiameterMm: 60 })[0]).toMatchObject({
    key: 'power',
    full: 1,
    level: 'danger',
  });
});

it('what is not known has no bar: plastics have no heat, a machine without a motor no power', () => {
  const nylon = { name: 'Rod', materialKey: 'nylon', uncertain: false, skinMm: 0 };
  expect(bars({ stock: nylon }).map(({ key }) => key)).toEqual(['power', 'life']);
});

it('a bend is drawn as much larger as the room allows, and not at all when nobody can measure it', () => {
  expect(bendOf({ mm: 0.05 }, 1, 24)).toEqual({ times: 200, off: 10 });
  expect(bendOf({ mm: 0.2 }, 2, 24)).toEqual({ times: 50, off: 20 });
  expect(bendOf({ mm: 40 }, 1, 24)).toEqual({ times: 1, off: 24 });
  expect(bendOf({ mm: 0.0001 }, 1, 24)).toBeNull();
});

it('roughness has its place between ground and coarse', () => {
  expect([0.1, 0.4, 12.5, 50].map(finishPlace)).toEqual([0, 0, 1, 1]);
  expect(finishPlace(2)).toBeGreaterThan(finishPlace(1.6));
});
