import { material, MATERIALS } from '../material/library';
import { drillFeed, drillFeedByTable, drillPoint, tailstockTurns } from './drill-feed';

describe('drill feed', () => {
  it('follows the diameter and the metal, usable from half to one and a half times', () => {
    expect(drillFeed(material('medium-carbon'), 10)).toMatchObject({
      feedMmRev: expect.closeTo(0.1704, 4),
      lowMmRev: expect.closeTo(0.0852, 4),
      highMmRev: expect.closeTo(0.2555, 4),
    });
  });

  it('the table is linear between its rows, proportional below and level above them', () => {
    expect(drillFeedByTable(9, 'mild-steel')).toBeCloseTo(0.175, 9);
    expect(drillFeedByTable(0.5, 'mild-steel')).toBeCloseTo(0.01, 9);
    expect(drillFeedByTable(80, 'mild-steel')).toBe(0.5);
    expect(drillFeedByTable(10, 'mild-steel', true)).toBeCloseTo(0.133, 9);
  });

  it('has a row for every metal of the library, within reach of the formula', () => {
    for (const metal of MATERIALS) {
      const share = drillFeedByTable(10, metal.drillGroup) / drillFeed(metal, 10).feedMmRev;
      expect([metal.key, share > 0.4 && share < 2.5]).toEqual([metal.key, true]);
    }
  });

  it('knows the length of a point', () => {
    expect(drillPoint(10, 118)).toBeCloseTo(3.004, 3);
    expect(drillPoint(10, 90, 2)).toBeCloseTo(4, 9);
  });

  it('a hole in turns of the wheel: its depth and the point, whole turns and the rest', () => {
    expect(tailstockTurns(20, 10, 118, 5)).toEqual({
      travelMm: expect.closeTo(23.004, 3),
      turns: expect.closeTo(4.601, 3),
      wholeTurns: 4,
      rest: expect.closeTo(0.601, 3),
      extraDivisions: null,
    });
    expect(tailstockTurns(20, 10, 118, 5, 100).extraDivisions).toBeCloseTo(60.09, 2);
  });

  it.each<[() => unknown, string]>([
    [() => drillFeed(material('medium-carbon'), 0), 'drill diameter must be more than 0, got 0'],
    [() => drillFeedByTable(0, 'mild-steel'), 'drill diameter must be more than 0, got 0'],
    [() => drillPoint(0, 118), 'drill diameter must be more than 0, got 0'],
    [() => tailstockTurns(0, 10, 118, 5), 'depth must be more than 0, got 0'],
    [() => tailstockTurns(20, 10, 118, 0), 'travel per turn must be more than 0, got 0'],
  ])('a drill or a hole of nothing is refused: %#', (work, sentence) => {
    expect(work).toThrow(sentence);
  });
});
