import { CHOICE_FACTORS, flips, weigh, type ChoiceInputs, type JobChoice } from '@pike-stone/core/choose';
import { INPUTS as MEDIUM } from '@pike-stone/core/choose-fixture';
import {
  costWords,
  FACTOR_TITLES,
  formatMoney,
  HANGS_ON,
  sayCostValue,
  sayFactor,
  sayFlips,
  saySchools,
  sayVerdict,
  sayWhy,
  type ChoiceContext,
} from './choosing';

/** Stainless on a tired lathe that does not reach the insert's speed. */
const INPUTS: ChoiceInputs = {
  ...MEDIUM,
  reachableMPerMin: 71,
  powerAvailableKw: 0.5,
  powerNeededKw: 0.6,
  stiffness: 0.2,
  hardnessHb: 160,
  edgeRadiusUm: 40,
  feedMm: 0.15,
  parts: 1,
  hssCostPerPart: 5.2,
  carbideCostPerPart: 3.6,
};
const CONTEXT: ChoiceContext = {
  diameterMm: 18,
  topRpm: 1255,
  carbide: 'coated insert',
  indexed: true,
  hasNose: true,
  feedOf: 'rev',
  metal: 'Austenitic stainless',
  condition: 'tired',
  light: false,
  powerUnknown: false,
  strokes: false,
  grows: 'work',
};
const choice = (more: Partial<ChoiceInputs> = {}) => {
  const inputs = { ...INPUTS, ...more };
  return { inputs, weighed: weigh(inputs), flips: flips(inputs) } as Pick<
    JobChoice<unknown>,
    'inputs' | 'weighed' | 'flips'
  >;
};
const plain = (text: string) => text.replace(/\u00a0/g, ' ');
const says = (
  factor: (typeof CHOICE_FACTORS)[number],
  more: Partial<ChoiceInputs> = {},
  context: Partial<ChoiceContext> = {},
) => plain(sayFactor(factor, { ...INPUTS, ...more }, { ...CONTEXT, ...context }, 'mm'));

describe('the verdict', () => {
  it('says how surely', () => {
    expect(sayVerdict({ verdict: 'hss', confidence: 'strong' })).toBe('High speed steel, strongly');
    expect(sayVerdict({ verdict: 'either', confidence: 'toss-up' })).toBe('Either will do: a toss-up');
    expect(sayVerdict({ verdict: 'either', confidence: 'slight' })).toBe('Either will do, slightly');
  });

  it('gives the strongest reason of its own side, in the machine’s own numbers', () =>
    expect(plain(sayWhy(choice(), CONTEXT, 'mm'))).toBe(
      'Your machine tops out at 71 m/min on ⌀18 mm (1255 rpm): below the 120 m/min from which the coated insert works in this metal.',
    ));

  it('says what cannot do it at all', () => {
    expect(sayWhy(choice({ hardnessHb: 450 }), CONTEXT, 'mm')).toMatch(/about 450 HB, is too hard/);
    expect(sayWhy(choice({ specialForm: true, carbideInDrawer: false }), CONTEXT, 'mm')).toMatch(
      /special form/,
    );
  });
});

describe('each reason', () => {
  it('has a title and a whole sentence, whatever the job', () => {
    for (const factor of CHOICE_FACTORS) {
      expect(FACTOR_TITLES[factor].length).toBeGreaterThan(2);
      expect(says(factor)).toMatch(/^[A-Z0-9].*\.$/);
    }
  });

  it('reach: far below, below, and within carbide’s speeds; a shaper has strokes', () => {
    expect(says('reach', { reachableMPerMin: 40 })).toMatch(/under half of the 120 m\/min.*crumbles\.$/);
    expect(says('reach', { reachableMPerMin: 200 })).toMatch(/works from 120 m\/min in this metal\.$/);
    expect(says('reach', {}, { strokes: true })).toMatch(/with this stroke \(1255 strokes\/min\)/);
  });

  it('follows what is so', () => {
    expect(says('power')).toBe('Carbide’s cut asks for 0.60 kW of the 0.50 kW at the spindle.');
    expect(says('power', {}, { powerUnknown: true })).toMatch(/power is left out/);
    expect(says('stiffness', {}, { condition: 'rigid' })).toMatch(/^A rigid machine/);
    expect(says('stiffness', {}, { condition: 'ordinary', light: true })).toMatch(/of light build/);
    expect(says('hardness', { hardnessHb: 280 })).toMatch(/slowly/);
    expect(says('hardness', { hardnessHb: 330 })).toMatch(/hardly/);
    expect(says('hardness', { hardnessHb: 400 })).toMatch(/carbide is the edge/);
    expect(says('bite')).toMatch(/^1 mm deep at 0\.15 mm\/rev:.*it gets that\.$/);
    expect(says('bite', { depthMm: 0.1 })).toMatch(/or it rubs\.$/);
    // A cutter without a nose is asked for its feed only.
    expect(says('bite', {}, { hasNose: false, carbide: 'solid carbide' })).toBe(
      '0.15 mm/rev: the solid carbide wants twice its edge of 40 μm; it gets that.',
    );
    // What each edge bites, where several share the feed.
    expect(says('bite', { feedMm: 0.026 }, { hasNose: false, feedOf: 'chip' })).toMatch(
      /^A chip of 0\.026 mm:/,
    );
    expect(says('bite', { feedMm: 0.1 }, { feedOf: 'chip' })).toMatch(/^1 mm deep with a chip of 0\.1 mm:/);
    expect(says('bite', { feedMm: 0.018 }, { hasNose: false, feedOf: 'tooth' })).toMatch(
      /^0\.018 mm\/tooth:/,
    );
    expect(says('batch', { parts: 40 }, { indexed: false })).toMatch(/^40 parts: an edge that lasts/);
    expect(says('interruption', { interruption: 2 })).toMatch(/^Heavy blows/);
    expect(says('interruption', { interruption: 1 })).toMatch(/^Light blows/);
    expect(says('form', { specialForm: true })).toMatch(/in minutes/);
    expect(says('batch', { parts: 40 })).toMatch(/^40 parts/);
    expect(says('cost')).toBe('A part costs about 5.20 with high speed steel and 3.60 with carbide.');
    expect(says('finish', { finishRaUm: 0.8 })).toMatch(/sharp, honed edge/);
    expect(says('finish', { finishRaUm: 0.8, reachableMPerMin: 200 })).toMatch(/leaves it bright/);
    expect(says('hand-feed', { handFeed: true })).toMatch(/^Fed by hand/);
    expect(says('chip', { chip: 'stringy' })).toMatch(/breaker works/);
    expect(says('chip', { chip: 'stringy', breakerInRange: false })).toMatch(/too small/);
    expect(says('drawer', { hssInDrawer: false })).toMatch(/^Carbide is in the drawer/);
    expect(says('drawer', { carbideInDrawer: false })).toMatch(/^High speed steel is in/);
    expect(says('drawer', { carbideInDrawer: false, hssInDrawer: false })).toMatch(/^Neither/);
    expect(says('gummy', { gummy: true })).toMatch(/coated insert is not\.$/);
    expect(says('gummy', { gummy: true, insert: 'aluminium-bearing-coating' })).toMatch(/wrong here/);
    expect(says('gummy', { gummy: true, insert: 'polished-sharp-uncoated' })).toMatch(/likes\.$/);
    expect(says('abrasive', { abrasive: true })).toMatch(/grind high speed steel away/);
    expect(says('hot-alloy', { hotAlloy: true })).toMatch(/^Austenitic stainless stays strong/);
  });

  it('speaks inch where the shop does', () =>
    expect(plain(sayFactor('reach', INPUTS, CONTEXT, 'inch'))).toMatch(/233 sfm on ⌀0\.709 in/));
});

describe('what would flip it', () => {
  it('is said with the number that does, towards the other side', () => {
    const found = sayFlips(choice({ stiffness: 0.5, hardnessHb: 225, powerNeededKw: 0.5 }), CONTEXT, 'mm');
    const reach = found.find(({ factor }) => factor === 'reach')!;
    expect(plain(reach.text)).toMatch(
      /^A machine that reaches \d+ m\/min, \d+ rpm here, or larger work: carbide\.$/,
    );
    expect(found.every(({ text }) => text.endsWith(': carbide.'))).toBe(true);
  });

  it('another speed comes of what can grow: nothing where the cutter is as large as its hole', () => {
    const reach = (reachableMPerMin: number, grows: ChoiceContext['grows']) =>
      sayFlips(choice({ reachableMPerMin }), { ...CONTEXT, grows }, 'mm').find(
        ({ factor }) => factor === 'reach',
      )!.text;
    expect(reach(71, 'cutter')).toMatch(/here, or a larger cutter: carbide\.$/);
    expect(reach(71, 'stroke')).toMatch(/, or a longer stroke: carbide\.$/);
    expect(reach(71, null)).toMatch(/here: carbide\.$/);
    expect(reach(220, 'work')).toMatch(/, or smaller work: high speed steel\.$/);
    expect(reach(220, null)).toMatch(/here: high speed steel\.$/);
  });

  it('from carbide it goes to high speed steel', () => {
    const found = sayFlips(choice({ reachableMPerMin: 220, stiffness: 0.6, hardnessHb: 225 }), CONTEXT, 'mm');
    expect(found.length).toBeGreaterThan(0);
    expect(found.every(({ text }) => text.endsWith(': high speed steel.'))).toBe(true);
  });

  it('the drawer and the bite are said of this tool and this drawer', () => {
    const flip = (
      factor: (typeof CHOICE_FACTORS)[number],
      score: number,
      more: Partial<ChoiceInputs> = {},
      context: Partial<ChoiceContext> = {},
    ) =>
      sayFlips(
        {
          ...choice(more),
          weighed: { ...choice().weighed, score },
          flips: { factors: [factor], reachableMPerMin: null, hardnessHb: null, parts: null },
        },
        { ...CONTEXT, ...context },
        'mm',
      )[0]!.text;
    expect(flip('drawer', 1)).toBe('No sharp carbide in the drawer: high speed steel.');
    expect(flip('drawer', 1, { hssInDrawer: false })).toBe(
      'Sharp high speed steel in the drawer: high speed steel.',
    );
    expect(flip('drawer', -1)).toBe('No sharp high speed steel in the drawer: carbide.');
    expect(flip('drawer', -1, { carbideInDrawer: false })).toBe(
      'A sharp carbide edge in the drawer: carbide.',
    );
    const solid = { carbide: 'solid carbide', hasNose: false };
    expect(flip('bite', 1)).toBe(
      'A cut too light for the coated insert, less than two thirds of its nose deep: high speed steel.',
    );
    expect(flip('bite', 1, {}, solid)).toMatch(
      /^A cut too light for the solid carbide, less than twice its edge/,
    );
    expect(flip('bite', -1)).toMatch(
      /^A deeper cut or more feed, or a sharper coated insert with a smaller nose/,
    );
    expect(flip('bite', -1, {}, solid)).toBe('More feed, or a sharper solid carbide: carbide.');
  });

  it('every factor has words both ways', () => {
    for (const score of [1, -1])
      for (const factor of CHOICE_FACTORS) {
        const forced = {
          ...choice(),
          weighed: { ...choice().weighed, score },
          flips: { factors: [factor], reachableMPerMin: null, hardnessHb: null, parts: null },
        };
        expect(sayFlips(forced, CONTEXT, 'mm')[0]!.text).toMatch(
          score > 0 ? /: high speed steel\.$/ : /: carbide\.$/,
        );
      }
  });
});

describe('both schools', () => {
  const edge = (rakeDeg: number, edgeRadiusUm: number, nPerMm: number) => ({ rakeDeg, edgeRadiusUm, nPerMm });
  const say = (of: Partial<ChoiceInputs>, firstGrindMin: number, indexed: boolean) =>
    saySchools(
      { inputs: { ...INPUTS, ...of }, costInputs: { firstGrindMin, regrindMin: 4 } as never },
      { indexed },
      { hss: edge(12, 6, 260), carbide: edge(-6, 40, 364) },
      'mm',
    ).map(({ title, text }) => [title, plain(text)]);

  it('speak of a bit and an insert, and measurement between them', () => {
    const [hss, carbide, measured] = say({}, 20, true);
    expect(hss).toEqual([
      'High speed steel first',
      expect.stringMatching(/^71 m\/min is no speed for an insert.*hand-ground edge.*20 minutes.*in 4\.$/),
    ]);
    expect(carbide).toEqual(['Inserts first', expect.stringMatching(/Below 120 m\/min .* ground insert/)]);
    expect(measured).toEqual(['What measurement shows', expect.stringMatching(/40 μm 364 N\/mm\.$/)]);
  });

  it('speak of cutters that are bought and of carbide that is no insert', () => {
    const [hss, carbide] = say({ reachableMPerMin: 150 }, 0, false);
    expect(hss![1]).toMatch(/^Even at 150 m\/min.*may be smaller\.$/);
    expect(carbide![0]).toBe('Carbide first');
    expect(carbide![1]).toMatch(/150 m\/min is a speed it was made for/);
    const slow = say({}, 0, false);
    expect(slow[0]![1]).toMatch(/is no speed for carbide that starts at 120 m\/min/);
    expect(slow[1]![1]).toMatch(/a sharp one still runs well/);
    expect(`${slow}`).not.toMatch(/insert|hand-ground/);
  });
});

it('money has three figures; every uncertain input has its name', () => {
  expect([4.053, 12, 87.26, 240.4, 0].map(formatMoney)).toEqual(['4.05', '12', '87.3', '240', '0.00']);
  expect(costWords('insertCost', 'ground-bit').title).toBe('An insert');
  expect(costWords('insertCost', 'bought-cutter').title).toMatch(/cutter of carbide/);
  expect(costWords('holderCost', 'bought-cutter').title).toBe('The holder');
  expect(plain(sayCostValue('length', 12.7, 'mm'))).toBe('12.7 mm');
  expect(plain(sayCostValue('length', 12.7, 'inch'))).toBe('0.500 in');
  expect(plain(sayCostValue('minutes', 4, 'inch'))).toBe('4 min');
  expect([sayCostValue('money', 8.5, 'mm'), sayCostValue('pieces', 4, 'mm')]).toEqual(['8.50', '4']);
  expect(sayCostValue('share', 0.2, 'mm')).toBe('20 in 100');
  expect(HANGS_ON.carbideLifeMin).toMatch(/carbide edge/);
});
