import fc from 'fast-check';
import { dressDue } from './dress-due';
import { drillGrind, oversizeOfLips } from './drill-grind';
import { heatPicture, type HeatQuestion } from './heat-picture';

const ASKED: HeatQuestion = {
  steel: 'hss',
  sideMm: 10,
  wheelMm: 150,
  forceN: 5,
  heatShare: 0.6,
  grindS: 5,
  pauseS: 5,
  dipS: 0,
  times: 3,
};

describe('the picture of heat', () => {
  it('grind 5 s, pause 5 s, three times on a 10 mm HSS bit ends near 236 °C', () => {
    const picture = heatPicture(ASKED);
    expect(Math.abs(picture.peakC - 236)).toBeLessThan(4);
    expect(Math.abs(picture.steadyC - 318)).toBeLessThan(5);
    expect(picture.spells).toHaveLength(6);
    // A spell begins where the one before ended.
    picture.spells
      .slice(1)
      .forEach(({ points }, i) => expect(points[0]!.c).toBeCloseTo(picture.spells[i]!.points.at(-1)!.c, 6));
    expect(picture.hrc).toBe(64);
  });

  it('what leaves HSS as it was softens carbon steel', () => {
    const carbon = heatPicture({ ...ASKED, steel: 'carbon-steel' });
    expect(carbon.hrc!).toBeLessThan(60);
    expect(carbon.limitC).toBeLessThan(heatPicture(ASKED).limitC);
  });

  it('a hand that presses very hard loses the edge of either; carbide has no temper', () => {
    expect(heatPicture({ ...ASKED, steel: 'carbon-steel', forceN: 40, grindS: 20 }).hrc).toBeNull();
    expect(heatPicture({ ...ASKED, steel: 'brazed-carbide' }).hrc).toBeUndefined();
  });

  it('a dip, a longer pause or a lighter hand is never hotter', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 15, noNaN: true }),
        fc.double({ min: 0.5, max: 10, noNaN: true }),
        (forceN, more) => {
          const now = heatPicture({ ...ASKED, forceN });
          for (const cooler of [
            { dipS: more },
            { pauseS: ASKED.pauseS + more },
            { forceN: forceN / (1 + more) },
          ])
            expect(heatPicture({ ...ASKED, forceN, ...cooler }).peakC).toBeLessThanOrEqual(now.peakC + 1e-9);
        },
      ),
    ));
});

describe('the next dress', () => {
  const wheel = {
    abrasive: 'white-alumina',
    grit: 100,
    widthMm: 20,
    diameterMm: 150,
    leastMm: 110,
    groundMm3: 1250,
    pieces: 50,
    ownCapacity: null,
  } as const;

  it('half of its capacity ground: half of the pieces are left', () => {
    const due = dressDue(wheel);
    // 125 mm3 for each of 20 mm is 2500; pieces of 25 mm3, so 100 in all.
    expect(due.share).toBeCloseTo(0.5, 9);
    expect(due.piecesToDress).toBe(50);
    expect(due.finishes).toBe(true);
  });
  it('the shop’s own book counts before what is usual', () =>
    expect(dressDue({ ...wheel, ownCapacity: 62.5 }).share).toBeCloseTo(1, 9));
  it('a roughing wheel lasts longer; diamond is never due', () => {
    expect(dressDue({ ...wheel, grit: 36 }).share!).toBeLessThan(0.5);
    expect(dressDue({ ...wheel, abrasive: 'diamond' })).toMatchObject({ share: null, piecesToDress: null });
  });
  it('a wheel on which nothing was ground is reckoned with usual pieces', () =>
    expect(dressDue({ ...wheel, groundMm3: 0, pieces: 0 }).piecesToDress).toBe(83));
});

describe('a drill', () => {
  it('10 mm, 118°: 12° of relief drop 0.56 mm over 30°', () => {
    const drill = drillGrind(10, 'general', 0.2);
    expect(drill).toMatchObject({ pointDeg: 118, toFaceDeg: 59, reliefDeg: 12, dubLips: false });
    // pi x 10 x 30/360 x tan 12°; 12 - atan(0.2 / 31.4).
    expect(drill.dropMm).toBeCloseTo(0.5565, 4);
    expect(drill.leftDeg).toBeCloseTo(11.635, 3);
  });
  it('for brass the lips are dubbed', () => expect(drillGrind(6, 'brass', 0.1).dubLips).toBe(true));
  it('a smaller drill has more relief', () =>
    expect([2, 5, 10, 20].map((d) => drillGrind(d, 'tough', 0.1).reliefDeg)).toEqual([18, 15, 12, 10]));
  it('lips 0.2 mm unlike make the hole 0.17 larger', () =>
    expect(oversizeOfLips(0.2, 118)).toBeCloseTo(0.1714, 4));
  it.each([
    [() => drillGrind(0, 'general', 0.1), 'drill diameter'],
    [() => drillGrind(5, 'general', 6), 'feed'],
    [() => oversizeOfLips(-1, 118), 'lips'],
    [() => oversizeOfLips(1, 190), 'point angle'],
  ])('refuses %#', (run, what) => expect(run).toThrow(what));
});
