import { toolBody, type GrindBody } from '@pike-stone/contract';
import { bitBody } from '@pike-stone/contract/later';
import { dot, groundFace, paintTree, plainCut, solidOf } from '@pike-stone/core/grind';
import { bitOf } from '@pike-stone/core/grind-fixture';
import { BIT_SHAPES } from '@pike-stone/core/bits';
import { cutPlan, DEFAULT_RULES, type CutSetup } from '@pike-stone/core';
import { setup } from '@pike-stone/core/fixture';
import { EMPTY_TALLY } from '@pike-stone/core/inventory';
import { bitForCut } from './bit-for-cut';
import { groundStock } from './ground-stock';
import { begunAnew, drawnLength, freshBit, frontOf, onBlank, planOf } from './bit-model';
import { bitSheet, bitSvg } from './export/bit-sheet';
import { grindStepKeys } from './step-keys';
import { farthestApart, strokesOf, VIEWS } from './solid/project';
import { alongAxle, fromAbove } from './steps/stance';
import { apart, type PlacedMark } from './plan/bit-marks';
import { measuredAngles, toolOfBit } from './tool-of-bit';

const session = (startedAt: string, deg: number): GrindBody => ({
  bitId: '0192f000-0008-7000-8000-000000000001',
  startedAt,
  finishedAt: startedAt,
  why: 'new',
  wear: null,
  done: ['side'],
  readings: [
    { step: 'side', plane: 'across-shank', deg, by: 'typed' },
    { step: 'right', plane: 'across-shank', deg: 5, by: 'typed' },
  ],
  stockMm: 0.2,
  lengthAfterMm: 60,
  noseRadiusMm: 0.8,
  note: '',
});

describe('a bit in the application', () => {
  it.each(BIT_SHAPES)(
    '%s begins as a record that the shop takes, and becomes a tool of the drawer',
    (shape) => {
      const body = freshBit({ shape, name: 'A bit' });
      expect(bitBody.safeParse(body)).toMatchObject({ success: true });
      const tool = toolOfBit({ ...body, state: 'ground' }, []);
      expect(toolBody.safeParse(tool)).toMatchObject({ success: true });
      expect(planOf(body)).toMatchObject({ shape });
    },
  );

  it('begins anew with another metal, and keeps its steel and its wheel', () => {
    const body = freshBit({ shape: 'general', name: 'A bit' });
    const copper = begunAnew(body, { school: 'per-metal', metalKey: 'copper' });
    expect(copper.angles.sideRakeDeg).toBe(20);
    expect(copper.wheel).toEqual(body.wheel);
  });

  it('on a round blank has its nose deeper, and on a square one again as usual', () => {
    const body = freshBit({ shape: 'general', name: 'A bit' });
    const round = { ...body, ...onBlank(body, { ...body.blank, section: 'round' }) };
    expect(round.noseDownMm).toBeGreaterThan(1);
    expect(onBlank(round, body.blank).noseDownMm).toBe(body.noseDownMm);
    // What was set by hand stays while the blank stays square.
    const deep = { ...body, noseDownMm: 0.5 };
    expect(onBlank(deep, { ...body.blank, widthMm: 8 }).noseDownMm).toBe(0.5);
  });

  it('has its angles as they were measured last', () => {
    const sessions = [session('2026-02-01T08:00:00.000Z', 9), session('2026-01-01T08:00:00.000Z', 4)];
    expect(measuredAngles(sessions)).toEqual({ sideClearanceDeg: 9 });
    const tool = toolOfBit(freshBit({ shape: 'general', name: 'A bit' }), sessions);
    expect('ground' in tool && tool.ground).toMatchObject({
      sideClearanceDeg: 9,
      measured: ['sideClearanceDeg'],
      sideRakeDeg: 12,
    });
  });

  it('has lost the reading of a face that was ground again by eye', () => {
    const wrong = session('2026-01-01T08:00:00.000Z', 2);
    const byEye = { ...session('2026-02-01T08:00:00.000Z', 0), readings: [] };
    expect(measuredAngles([byEye, wrong])).toEqual({});
    // Another face that was ground leaves it.
    expect(measuredAngles([{ ...byEye, done: ['front', 'nose', 'hone'] }, wrong])).toEqual({
      sideClearanceDeg: 2,
    });
  });

  it('is drawn by its front, with some of its shank', () => {
    expect(drawnLength(bitOf('general'))).toBe(20.2);
    expect(frontOf(bitOf('parting')).blank.lengthMm).toBeLessThan(25);
    expect(drawnLength(bitOf('general', { blank: { ...bitOf('general').blank, lengthMm: 12 } }))).toBe(12);
    expect(grindStepKeys(bitOf('general', { angles: { ...bitOf('general').angles, kappaDeg: 5 } }))).toEqual(
      [],
    );
  });
});

describe('the views', () => {
  const { blank, cuts } = solidOf(frontOf(bitOf('general', { noseRadiusMm: 0 })));
  const { facets } = plainCut(blank, cuts);

  it('show each face in the colour of its step, its edges scribed', () => {
    const strokes = strokesOf(paintTree(facets), { eye: VIEWS.plan, scale: 5, x: 0, y: 0 });
    // The flanks fall back under the top: from above they do not show.
    expect(new Set(strokes.map(({ by }) => by))).toEqual(new Set(['blank', 'rake']));
    const end = strokesOf(paintTree(facets), { eye: VIEWS.end, scale: 5, x: 0, y: 0 });
    expect(new Set(end.map(({ by }) => by))).toContain('front');
    expect(strokes.some(({ edges }) => edges.includes('L'))).toBe(true);
  });

  it('are laid out at true size, plan over side and end beside it', () => {
    const sheet = bitSheet(facets);
    expect(sheet.widthMm).toBeCloseTo(20 + 12 + 10, 0);
    expect(sheet.heightMm).toBeCloseTo(10 + 12 + 10, 0);
    const svg = bitSvg(sheet, 'A <bit>', '#000000');
    expect(svg).toContain('<title>A bit</title>');
    expect(svg).toContain('50 mm when printed at true size');
  });

  it('show a face from its edge as the line between its two ends', () => {
    expect(
      farthestApart([
        [0, 0],
        [1, 1],
        [5, 0.2],
        [4, 1],
      ]),
    ).toEqual([
      [0, 0],
      [5, 0.2],
    ]);
    expect(farthestApart([[2, 3]])).toBeNull();
  });

  it('have figures that do not cover one another', () => {
    const mark = (key: PlacedMark['key'], x: number, y: number): PlacedMark => ({
      key,
      x,
      y,
      anchor: 'left',
      to: [0, 0],
    });
    const placed = apart([mark('kappa2Deg', 10, 38), mark('widthMm', 10, 30), mark('heel', 90, 32)]);
    expect(placed.map(({ key, y }) => [key, y])).toEqual([
      ['kappa2Deg', 50],
      ['widthMm', 30],
      ['heel', 32],
    ]);
  });

  it('leave out what is hidden', () => {
    const sheet = bitSheet(facets);
    const all = facets.reduce((sum, { sharp }) => sum + sharp.filter(Boolean).length, 0);
    expect(sheet.lines.length).toBeGreaterThan(15);
    expect(sheet.lines.length).toBeLessThan((3 * all) / 2);
  });
});

describe('the stance at the wheel', () => {
  const contact = { wheelMm: 150, heightMm: 0 };
  it.each([
    { turnDeg: 79, tiltDeg: 9.8, rollDeg: 0 },
    { turnDeg: -98, tiltDeg: 11.9, rollDeg: 90 },
    { turnDeg: 98, tiltDeg: 11.9, rollDeg: -90 },
  ])('shows the ground face turned straight at the wheel', (setting) => {
    const face = groundFace(setting, contact);
    const above = fromAbove(setting);
    // From above the face looks up the paper, to the wheel, and not to either side.
    expect(dot(above.right, face)).toBeCloseTo(0, 6);
    expect(dot(above.up, face)).toBeGreaterThan(0.9);
    // Along the axle it stands upright against the wheel at the left.
    const along = alongAxle(setting);
    expect(dot(along.right, face)).toBeCloseTo(-1, 6);
    expect(dot(along.up, face)).toBeCloseTo(0, 6);
  });
});

describe('a bit for the cut that is set up', () => {
  const bitFor = (more: Partial<CutSetup>) => {
    const cut = setup(more);
    return bitForCut(cut, cutPlan(cut, DEFAULT_RULES));
  };

  it('has its shape, its metal and its sizes', () => {
    expect(bitFor({ operation: 'shoulder', depthMm: 0.8 })).toMatchObject({
      shape: 'knife',
      metalKey: 'low-carbon-cold-drawn',
      use: { side: 'outside', diameterMm: 25, depthMm: 0.8 },
    });
    expect(bitFor({ operation: 'bore' })?.use?.side).toBe('bore');
  });

  it('of a thread gets the helix on its leading flank, from the pitch typed or the usual one', () => {
    // Thread of 3 mm on 20 mm: root 16.34 mm, helix atan(3 / (pi 16.34)) = 3.3 degrees.
    const outside = bitFor({ operation: 'thread', workDiameterMm: 20, pitchMm: 3 })!;
    expect(outside).toMatchObject({ shape: 'thread-60', name: 'Threading 60° bit for Bar' });
    expect(outside.angles.sideClearanceDeg).toBeGreaterThan(outside.trailingDeg! + 2);
    expect(outside.sizes.flatMm).toBeCloseTo(3 / 8, 9);
    const usual = bitFor({ operation: 'thread', workDiameterMm: 20, way: 'inside' })!;
    expect(usual.sizes.flatMm).toBeCloseTo(2.5 / 8, 9);
    expect(usual.use?.side).toBe('bore');
    const tool = { ...setup({ operation: 'thread' }).tool, threadAngleDeg: 55 } as CutSetup['tool'];
    expect(bitFor({ operation: 'thread', tool })!.shape).toBe('thread-55');
  });

  it('is none for what is not cut with a bit', () => expect(bitFor({ operation: 'drill' })).toBeNull());
});

describe('what a grind takes from the stock', () => {
  const blankId = '0192f000-0006-7000-8000-000000000001';
  // 63 mm long, 30 mm held and 12 mm out of the post: 21 mm to grind away.
  const bit = { ...freshBit({ shape: 'general', name: 'A bit' }), blankId };
  const counted = { ...EMPTY_TALLY, entries: 1, lengthMm: 21 };
  const prices = { regrindMin: 10, ratePerMin: 0.5, wheelCostPerGrind: 0.2 };
  const usual = { toolId: 'tool', bit, lengthMm: 62.5, tool: EMPTY_TALLY, blank: counted, prices };

  it('a new bit is counted, and its blank is used up', () =>
    expect(groundStock({ ...usual, why: 'new' })).toEqual([
      { of: 'tools', itemId: 'tool', act: 'counted', lengthMm: 20.5 },
      { of: 'supplies', itemId: blankId, act: 'ground', lengthMm: -63, note: 'A bit' },
    ]));

  it('a blank that nobody counts, or none of the drawer, is not', () => {
    expect(groundStock({ ...usual, why: 'new', blank: EMPTY_TALLY })).toHaveLength(1);
    expect(groundStock({ ...usual, why: 'new', bit: { ...bit, blankId: null }, blank: null })).toHaveLength(
      1,
    );
  });

  it('a regrind takes its length and its cost; what was not counted is counted first', () => {
    const ground = { of: 'tools', itemId: 'tool', act: 'ground', lengthMm: -0.5, cost: 5.2 };
    expect(groundStock({ ...usual, why: 'regrind', tool: counted })).toEqual([ground]);
    expect(groundStock({ ...usual, why: 'regrind' })).toEqual([
      { of: 'tools', itemId: 'tool', act: 'counted', lengthMm: 21 },
      ground,
    ]);
  });

  it('a bit that goes to the cut as it is, is counted once', () => {
    expect(groundStock({ ...usual, lengthMm: 63, why: null })).toEqual([
      { of: 'tools', itemId: 'tool', act: 'counted', lengthMm: 21 },
    ]);
    expect(groundStock({ ...usual, lengthMm: 63, why: null, tool: counted })).toEqual([]);
  });
});
