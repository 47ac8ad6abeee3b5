import {
  acceptAngle,
  actsFor,
  ABRASIVES,
  endMillFindings,
  endMillPlan,
  heatPicture,
  judgeHeights,
  readMarking,
  TEMPER_COLOURS,
  WHEEL_SIGNS,
  type EndMillFinding,
  type WheelMarking,
} from '@pike-stone/core/wheel';
import { millJob } from '@pike-stone/core/wheel-fixture';
import {
  ACT_WORDS,
  sayBands,
  sayBlueEdge,
  sayDressDue,
  sayEndMillFigures,
  sayEndMillFinding,
  sayEndMillSteps,
  sayFaces,
  sayHeatPicture,
  sayHeights,
  sayHonePays,
  sayMarking,
  sayMinutes,
  sayNoseFlats,
  sayRest,
  sayRelief,
  sayRestNow,
  sayRound,
  sayStones,
  sayWhatFor,
  sayWheelLeft,
  sayWheelSpeed,
  SHORT_JOB_WORDS,
  TEMPER_WORDS,
} from './wheel';

const plain = (text: string): string => text.replaceAll('\u00a0', ' ');

it('a marking is told field by field, with what each means', () => {
  const fields = sayMarking(readMarking('51 A 36 L 5 V 23') as WheelMarking);
  expect(fields.map(({ field, printed }) => `${field} ${printed}`)).toEqual([
    'Prefix 51',
    'Abrasive A',
    'Grit 36',
    'Grade L',
    'Structure 5',
    'Bond V',
    'Suffix 23',
    'Speed –',
  ]);
  expect(fields[1]!.means).toBe('brown or grey aluminium oxide, tough: for steel');
});

it('says what a wheel is for, and never lets soft metal on any', () => {
  expect(sayWhatFor('diamond')).toEqual({
    good: 'For carbide.',
    never:
      'Never carbon steel, HSS, soft steel, aluminium, brass, copper, plastic and wood: carbon of the diamond dissolves in hot steel.',
  });
  for (const abrasive of ABRASIVES) expect(sayWhatFor(abrasive).never).toContain('aluminium, brass');
});

it('says speed, what is left and when to dress as a machinist would', () => {
  expect(sayWheelSpeed(22.38, 35, 4456.3)).toBe(
    '22.4 m/s at its rim now; rated 35 m/s, 4450 rpm at the most',
  );
  expect(sayWheelSpeed(22.38, null, null)).toContain('not rated');
  expect(plain(sayWheelLeft(141, 100.5, 'speed', 'mm'))).toBe(
    '20 mm of its radius left; used up at 101 mm: below it the rim is too slow to cut well.',
  );
  expect(plain(sayWheelLeft(90, 100.5, 'flange', 'mm'))).toBe(
    'Used up: 101 mm is the least, the flanges come too near.',
  );
  expect(sayDressDue(0.2, 83, 241)).toBe('Dress it after about 80 more grinds; 240 dresses are left in it.');
  expect(sayDressDue(1.1, 0, 1)).toBe(
    'Dress it now, by what was ground since the last; one dress is left in it.',
  );
  expect(sayDressDue(null, null, 0)).toContain('no regular dress');
});

it('a rest is told anew after wear, and left alone where wear changes nothing', () => {
  const before = { tiltDeg: 8, diameterMm: 150 };
  const now = { reliefDeg: 11.8, asItStandsDeg: 12.4, tiltDeg: 7.4 };
  expect(plain(sayRestNow(before, now, 130, 'mm'))).toBe(
    'Set to 8.0° at 150 mm. At 130 mm it grinds 12.4° instead of 11.8°: set the rest to 7.4°.',
  );
  expect(sayRestNow(before, { reliefDeg: 8, asItStandsDeg: 8, tiltDeg: 8 }, 130, 'mm')).toContain(
    'changes nothing',
  );
});

it('every sign has something to do', () => {
  for (const sign of WHEEL_SIGNS) for (const act of actsFor(sign)) expect(ACT_WORDS[act]).toMatch(/\.$/);
});

describe('end teeth', () => {
  const plan = endMillPlan(millJob());

  it('tells the height, the top of the wheel and the dish, in mm and in inches', () => {
    const figures = (units: 'mm' | 'inch') =>
      sayEndMillFigures(plan, millJob(), units).map(({ figure, unit }) => `${figure} ${unit}`);
    expect(figures('mm')).toEqual(['3.14 mm', '33.14 mm', '1.74 mm']);
    expect(figures('inch')).toEqual(['0.123 in', '1.305 in', '0.069 in']);
  });

  it('goes from the covers to the oil, a step for each round, and lowers on the far side', () => {
    const steps = sayEndMillSteps(plan, millJob(), 'mm');
    expect(steps.map(({ key }) => key).slice(0, 7)).toEqual([
      'cover',
      'hold',
      'dish',
      'height',
      'index',
      'touch',
      'first-1',
    ]);
    expect(steps.filter(({ key }) => /^first-\d/.test(key))).toHaveLength(plan.rounds.rounds);
    expect(steps.at(-1)!.key).toBe('clean');
    expect(new Set(steps.map(({ key }) => key)).size).toBe(steps.length);
    const plate = millJob({ holes: 60, cutter: { ...millJob().cutter, centreCutting: true } });
    const more = sayEndMillSteps(endMillPlan(plate), plate, 'mm');
    expect(more.find(({ key }) => key === 'index')!.do).toBe(
      'Tooth by tooth 0°, 90°, 180° and 270° on the plate of 60 holes, always turned the same way.',
    );
    expect(more.map(({ key }) => key)).toContain('gash');
    const far = millJob({ side: 'far' });
    expect(sayEndMillSteps(endMillPlan(far), far, 'mm')[3]!.do).toMatch(/^Lower the grinder/);
  });

  it('without a second relief there are no steps for one', () => {
    const job = millJob({ wish: { ...millJob().wish, secondDeg: null } });
    expect(sayEndMillSteps(endMillPlan(job), job, 'mm').some(({ key }) => key.startsWith('second'))).toBe(
      false,
    );
  });

  it('every finding says what is wrong and what mends it', () => {
    const jobs = [
      millJob({ wheel: { ...millJob().wheel, spindleRpm: 20_000, form: 'cut-off', diameterMm: 39 } }),
      millJob({ wheel: { ...millJob().wheel, ratedMPerS: null, abrasive: 'green-silicon-carbide' } }),
      millJob({
        wheel: { ...millJob().wheel, abrasive: 'grey-alumina', diameterMm: 14, leastMm: 8 },
        wear: 'burnt',
      }),
      millJob({ wish: { ...millJob().wish, reliefDeg: 1, landMm: 3 } }),
      millJob({ wish: { ...millJob().wish, secondDeg: 1 } }),
      millJob({ cutter: { ...millJob().cutter, teeth: 14, fluteMm: 6.1 }, holes: 9 }),
    ];
    const said = jobs.flatMap((job) =>
      endMillFindings(job, endMillPlan(job)).map((one) => [one.code, sayEndMillFinding(one, 'mm').text]),
    );
    const codes: readonly EndMillFinding['code'][] = [
      'over-speed',
      'no-rating',
      'cut-off-disc',
      'wheel-used-up',
      'wrong-abrasive',
      'poor-abrasive',
      'relief-impossible',
      'heel-rises',
      'second-too-small',
      'too-many-teeth',
      'land-too-wide',
      'index-off',
      'too-much-stock',
      'burnt',
    ];
    expect(new Set(said.map(([code]) => code))).toEqual(new Set(codes));
    for (const [code, text] of said) expect(`${code}: ${text}`).not.toMatch(/NaN|undefined|Infinity/);
  });

  it('names the high tooth, and the one that works alone', () => {
    expect(plain(sayHeights(judgeHeights([0, 0.004, 0.021, 0.002], 'finishing', 0.01), 'mm').text)).toBe(
      'Spread 0.021 mm, 0.01 mm allowed. Bring down tooth 3 by 0.021 mm, to tooth 1. Tooth 3 stands out by more than the feed of a tooth: it does the work of all.',
    );
    expect(sayHeights(judgeHeights([0, 0.004], 'finishing', null), 'mm').title).toBe('All teeth cut');
    expect(sayHeights(judgeHeights([0, 0.1, 0.1], 'finishing', null), 'mm').title).toBe(
      'Touch 2 teeth again',
    );
  });
});

it.each([
  [5.1, 'Relief 5.1°: right; 4° to 6.5° is right from edge to heel.'],
  [4.2, 'too near the limit to tell with a protractor'],
  [2, 'too little, the land rubs'],
  [9, 'too much, the corner is weak'],
])('a relief of %d° on a chord of 5° is judged', (measured, said) =>
  expect(sayRelief(acceptAngle('end-tooth-relief', 5, measured, 0.5), measured)).toContain(said),
);

it('stones follow from the wheel that the edge came off', () => {
  expect(sayStones(36, false).map(({ stone }) => stone)).toHaveLength(4);
  expect(sayStones(120, false)[0]!.stone).toBe('600 to 800');
  expect(sayStones(60, true).every(({ stone }) => stone.startsWith('Diamond'))).toBe(true);
  expect(plain(sayBands(10, 150, 0.02, 'mm'))).toContain('Two bright bands of 0.31 mm');
  expect(sayBands(10, 150, 0.2, 'mm')).toContain('Grind it again');
  expect(sayNoseFlats(0.8, 80, 'mm')).toContain('4 small flats');
  expect(sayNoseFlats(0.2, 20, 'mm')).toContain('rolled at once');
  expect(sayHonePays(true, 1.56, 4)).toContain('It pays');
  expect(sayHonePays(false, 20, 2)).toContain('does not pay');
});

it('heat is told with its limit, its colour and what is lost', () => {
  const asked = {
    sideMm: 10,
    wheelMm: 150,
    forceN: 5,
    heatShare: 0.6,
    grindS: 5,
    pauseS: 5,
    dipS: 0,
    times: 3,
  };
  const carbon = sayHeatPicture(heatPicture({ ...asked, steel: 'carbon-steel' }));
  expect(plain(carbon.title)).toMatch(/^Too hot: about \d+ °C, 150 °C is the most$/);
  expect(carbon.lines.join(' ')).toMatch(/HRC lost|the edge is lost/);
  expect(sayHeatPicture(heatPicture({ ...asked, steel: 'hss', forceN: 1 })).lines[0]).toContain(
    'would not come',
  );
  expect(sayHeatPicture(heatPicture({ ...asked, steel: 'brazed-carbide' })).lines.at(-1)).toContain('cracks');
  expect(sayBlueEdge('hss-co')).toBe(sayBlueEdge('hss'));
  for (const [id] of TEMPER_COLOURS) expect(TEMPER_WORDS[id]).not.toBe('');
});

it('a round is told in tools, settings and minutes', () => {
  expect(sayRound(4, 5, 80, 24)).toBe('4 tools in 5 settings: 1 h 44 min, 24 min of them to set up.');
  expect(sayRound(1, 1, 2, 1)).toBe('One tool in one setting: 3 min, 1 min of them to set up.');
  expect(sayMinutes(0.2)).toBe('1 min');
  expect([sayRest(9, false), sayRest(8.4, true), sayRest(null, false)]).toEqual([
    'rest at 9°',
    'rest stays at 8.4°',
    'by hand',
  ]);
  expect(sayFaces(['Side clearance', 'Hone'])).toBe('side clearance and hone');
});

it('carbide dust is warned of where carbide is ground', () => {
  expect(SHORT_JOB_WORDS.brazed.caution).toMatch(/cobalt.*respirator/);
});
