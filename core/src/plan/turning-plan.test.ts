import { material } from '../material/library';
import { workDeflection } from '../mechanics/deflection';
import { feedForRoughness } from '../mechanics/roughness';
import { forceConstants } from '../mechanics/specific-force';
import { turningForce } from '../mechanics/turning-force';
import { toolMaterial } from '../tool/library';
import { turningPlan, type TurningWish } from './turning-plan';

/** A 25 mm bright bar on a tired lathe, without fluid. */
const WISH: TurningWish = {
  metal: material('low-carbon-cold-drawn'),
  edge: toolMaterial('hss'),
  rules: { school: 'middle', backOffThird: false },
  factors: ['tired-machine', 'no-fluid'],
  diameterMm: 25,
  depthWantedMm: 2,
  noseRadiusMm: 0.4,
  approachDeg: 90,
  rakeDeg: 12,
  cornerDeg: 80,
  edgeLengthMm: 10,
  condition: 'tired',
  rpmMin: 60,
  rpmMax: 1200,
  powerKw: 0.35,
  torqueNm: 30,
  raWantedUm: null,
  lengthMm: 60,
  positionMm: 60,
  support: 'chuck',
  diameterErrorAllowedMm: 0.05,
};
const plan = (more: Partial<TurningWish> = {}) => turningPlan({ ...WISH, ...more });

it('starts from chart and factors, with the coarsest feed the nose takes', () => {
  const { aim, speed, feed, depth, rpm, governing, belowUseful } = plan();
  // 32 m/min, 0.8 for the machine and 0.85 without fluid; 0.6 of half the nose, 0.85; 0.7 of the depth.
  expect(aim.aimMPerMin).toBeCloseTo(21.76, 9);
  expect(speed.found).toMatchObject({ start: expect.closeTo(21.76, 9), governing: 'wanted' });
  expect(rpm).toBeCloseTo(277.06, 2);
  expect(feed).toMatchObject({ baseMmRev: expect.closeTo(0.12, 9), decidedBy: 'nose-radius' });
  expect(feed.feed.start).toBeCloseTo(0.102, 9);
  expect(depth.found).toMatchObject({ start: expect.closeTo(1.4, 9), governing: 'wanted' });
  expect({ governing, belowUseful }).toEqual({ governing: 'nose-radius', belowUseful: false });
});

describe('each limit decides in its turn', () => {
  it.each([
    ['machine-feed', { noseRadiusMm: 2 }],
    ['finish', { raWantedUm: 1.6 }],
    ['machine-top', { rpmMax: 200 }],
    ['machine-bottom', { rpmMin: 400 }],
    ['power', { powerKw: 0.1 }],
    ['torque', { torqueNm: 3 }],
    ['stiffness', { diameterMm: 8, rpmMax: 3000 }],
    ['edge-length', { edgeLengthMm: 1.5 }],
    ['edge-radius', { depthWantedMm: 0.01 }],
  ] as const)('%s', (limit, more) => expect(plan(more).governing).toBe(limit));

  it('the chart, where factors lift the aim above its end', () => {
    const top = { school: 'top', backOffThird: false } as const;
    const { speed } = plan({ rules: top, factors: ['light-finishing'], diameterMm: 60, powerKw: 2 });
    // 38 m/min, 1.2 for a light cut: the end of the chart is lifted as well.
    expect(speed.found).toMatchObject({ start: expect.closeTo(38 * 1.2, 9), governing: 'wanted' });
    const { heatMPerMin, found } = plan({ rules: top, metal: material('titanium-alloy') }).speed;
    expect(found.start).toBeLessThanOrEqual(heatMPerMin!);
  });

  it('heat, where the edge stands less than the chart asks', () => {
    const hot = plan({ edge: { ...WISH.edge, hotLimitC: 300 } });
    expect(hot.speed.found).toMatchObject({ governing: 'heat', start: hot.speed.heatMPerMin });
    // Twice the rise that the edge stands lets it turn eight times as fast.
    const rise = (hotLimitC: number) => plan({ edge: { ...WISH.edge, hotLimitC } }).speed.heatMPerMin!;
    expect(rise(70 + 400) / rise(70 + 200)).toBeCloseTo(8, 9);
    expect(plan({ metal: { ...WISH.metal, thermal: null } }).speed.heatMPerMin).toBeNull();
  });
});

it('the depth that power, torque and spring allow takes just that', () => {
  const { depth, feed, speed, powerKw } = plan({ powerKw: 0.1, diameterMm: 10, rpmMax: 3000 });
  const at = (depthMm: number) =>
    turningForce(forceConstants(WISH.metal), { rakeDeg: 12, wearLandMm: 0 }, 'turn-outside', {
      depthMm,
      feedMmRev: feed.feed.start,
      approachDeg: 90,
      noseRadiusMm: 0.4,
      diameterMm: 10,
      speedMPerMin: speed.found.start,
    });
  expect(at(depth.powerMm).powerKw).toBeCloseTo(0.1, 9);
  expect(at(depth.torqueMm).torqueNm).toBeCloseTo(30, 9);
  const { diameterErrorMm } = workDeflection(
    'chuck',
    WISH.metal.eGPa,
    10,
    0,
    60,
    60,
    at(depth.deflectionMm!).fpN,
  );
  expect(diameterErrorMm).toBeCloseTo(0.05, 6);
  expect(powerKw).toBeCloseTo(at(depth.found.start).powerKw, 9);
});

it('a wanted finish takes nine tenths of its feed, and light finishing does not ease it again', () => {
  const finishing = plan({ raWantedUm: 3.2, factors: [] });
  const { feedMmRev } = feedForRoughness(3.2, 0.4, WISH.edge.edgeRadiusUm, 1.7 * builtUp(finishing));
  expect(finishing.feed.baseMmRev).toBeCloseTo(0.9 * feedMmRev!, 9);
  const light = plan({ raWantedUm: 3.2, factors: ['light-finishing'], metal: noBuiltUp });
  expect(light.feed.feed.start).toBe(
    plan({ raWantedUm: 3.2, factors: [], metal: noBuiltUp }).feed.feed.start,
  );
  // Smoother than this edge can leave: the feed that leaves the least.
  expect(plan({ raWantedUm: 0.01 }).feed.baseMmRev).toBeCloseTo(
    0.9 * Math.sqrt((2 * 0.4 * 0.1 * WISH.edge.edgeRadiusUm) / 1000),
    9,
  );
});
const noBuiltUp = {
  ...WISH.metal,
  builtUpEdge: { level: 0, zoneMPerMin: [10, 50] },
} as const satisfies TurningWish['metal'];
/** The finish is told from the wanted Ra back: how much rougher the built-up edge makes it. */
const builtUp = ({ aim }: ReturnType<typeof plan>): number => {
  const [low, high] = WISH.metal.builtUpEdge.zoneMPerMin;
  const middle = Math.sqrt(low * high);
  const share = Math.max(0, 1 - Math.abs(Math.log(aim.aimMPerMin / middle)) / Math.log(high / middle));
  const peak = [1, 1.4, 2, 3][WISH.metal.builtUpEdge.level]!;
  return 1 + (peak - 1) * share * 0.6;
};

it('says when the speed is less than the edge is content with', () => {
  const carbide = { edge: toolMaterial('carbide-coated'), powerKw: 5, torqueNm: 100 };
  expect(plan({ ...carbide, rpmMax: 200 }).belowUseful).toBe(true);
  expect(plan({ ...carbide, rpmMax: 3000 }).belowUseful).toBe(false);
});
