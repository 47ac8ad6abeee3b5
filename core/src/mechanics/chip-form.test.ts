import { chipForm } from './chip-form';

it('more feed breaks a chip sooner; brass crumbles', () => {
  const chip = (feedMmRev: number) =>
    chipForm(
      {
        depthMm: 2,
        feedMmRev,
        noseRadiusMm: 0.4,
        approachDeg: 90,
        rakeDeg: 10,
        chipRatio: 2.6,
        breakStrain: 0.05,
        fluid: false,
      },
      { kind: 'step', distanceMm: 2, heightMm: 0.4 },
    );
  expect([0.1, 0.2, 0.3].map((feed) => chip(feed).breakIndex)).toEqual(
    [0.1, 0.2, 0.3].map((feed) => chip(feed).breakIndex).sort((a, b) => a - b),
  );
  expect(
    chipForm(
      {
        depthMm: 1,
        feedMmRev: 0.1,
        noseRadiusMm: 0.4,
        approachDeg: 90,
        rakeDeg: 0,
        chipRatio: 1.2,
        breakStrain: 0.004,
        fluid: false,
      },
      { kind: 'none' },
    ).chip,
  ).toBe('loose-bits');
});
