import { cutPlan, DEFAULT_RULES, material } from '@pike-stone/core';
import { welchInterval } from '@pike-stone/core/compare';
import { setup } from '@pike-stone/core/fixture';
import { trial } from '@pike-stone/core/learn-fixture';
import { isSet, nextSetting, runState, SIGN_KEYS, SIGNS, type SignKey } from '@pike-stone/core/learn';
import {
  FACTOR_MODEL,
  nameOfCut,
  sayBlocked,
  sayCauses,
  sayConflicts,
  sayDifference,
  sayExclusion,
  sayInstead,
  sayMeasured,
  sayNext,
  sayOddEnergy,
  saySetting,
  saySources,
  saySpoilt,
  sayState,
  sayStop,
  SIGN_SHORT,
  SIGN_WORDS,
} from './learn';
import { working } from './working/working';

const cut = setup();
const plan = cutPlan(cut, DEFAULT_RULES);
const plain = (text: string): string => text.replace(/\u00a0/g, ' ');
const state = (signs: readonly SignKey[]) => runState(cut, plan, DEFAULT_RULES, 'chip', null, [trial(signs)]);

describe('signs in words', () => {
  it.each(SIGN_KEYS)('%s has a name, and words for each of its causes', (key) => {
    const { sign, causes } = SIGN_WORDS[key];
    expect(causes).toHaveLength(SIGNS[key].causes.length);
    for (const text of [sign, ...causes.flatMap(({ why, look }) => [why, look])])
      expect(text.length).toBeGreaterThan(3);
    expect(SIGN_SHORT[key].length).toBeLessThan(16);
  });

  it.each(SIGN_KEYS)('%s says what is done for each change that is no figure', (key) => {
    for (const [i, { parameter, direction, factor }] of SIGNS[key].causes.entries()) {
      if (isSet(parameter) || parameter === 'stop') continue;
      const because = [{ sign: key, cause: i }];
      const { title } = sayNext({ parameter, direction, factor, because, setting: null }, cut, 'mm');
      // Two words, as "more rake", are what is left where nothing better is known.
      if (parameter !== 'keep') expect(title.split(' ').length).toBeGreaterThan(2);
    }
  });

  it('what stops a cut is a sentence of its own, and no sign of danger is without', () => {
    for (const key of SIGN_KEYS) {
      const { stop } = SIGN_WORDS[key];
      if (SIGNS[key].priority === 1) expect(stop).not.toBeNull();
      if (stop !== null) expect(stop).toMatch(/^[a-z].*[a-z0-9)]$/);
    }
  });

  it('names are told apart', () => expect(new Set(Object.values(SIGN_SHORT)).size).toBe(SIGN_KEYS.length));
});

describe('the next change', () => {
  it('is said in the machine’s own terms, with its reason and what to look for', () => {
    const { next, advice } = state(['long-ribbon']);
    const { title, ...reasons } = sayNext(next!, cut, 'mm');
    expect({ title: plain(title), ...reasons }).toEqual({
      cautions: [],
      title: 'Feed 0.08 mm/rev → 0.1 mm/rev, Hole 3',
      why: 'Feed too fine for the breaker',
      look: 'Chip curls tighter and breaks into arcs',
      with: null,
      stop: 'Stop if it reaches chuck or hand',
    });
    expect(plain(sayNext(next!, cut, 'inch').title)).toBe('Feed 0.0031 in/rev → 0.0039 in/rev, Hole 3');
    expect(sayCauses(advice!)[0]).toBe('Long ribbon: feed too fine for the breaker');
    expect(saySources(['long-ribbon', 'squeal'])).toContain('ISO 3685:1993');
  });

  it('a depth is said with its dial, what is not set with what is done', () => {
    const [, depth] = state(['long-ribbon']).after;
    expect(plain(sayNext(depth!, cut, 'mm').title)).toBe('Depth 1 mm → 1.5 mm (60 divisions)');
    expect(sayNext(state(['long-ribbon']).after[0]!, cut, 'mm').title).toMatch(/^Grind a narrower breaker/);
  });

  it('what cannot be met, what else there is, and a contradiction are said', () => {
    expect(sayBlocked({ parameter: 'speed', direction: 'less', why: 'no-step' })).toBe(
      'Less speed: the machine has no further step.',
    );
    expect(sayBlocked({ parameter: 'feed', direction: 'more', why: 'hand' })).toBe(
      'More feed: a hand winds no faster evenly.',
    );
    expect(sayBlocked({ parameter: 'depth', direction: 'less', why: 'rubs' })).toContain('hardens');
    expect(sayInstead(['breaker', 'stop'])).toHaveLength(1);
    expect(sayConflicts([])).toBeNull();
    expect(sayConflicts(['speed'])).toContain('contradict each other on speed');
    expect(sayExclusion(['long-ribbon', 'good-arcs'])).toContain('“Long ribbon” and “short arcs”');
    expect(sayStop(['work-moved'])[0]!.what).toContain('spindle stopped');
    expect(sayState('look', 'finish')).toContain('Measure the surface');
    expect(sayState('met', 'finish')).toContain('The goal is met');
  });
});

it('a caution that is new at the proposed speed is said with it', () => {
  const at = { rpm: 440, feedMmRev: 0.08, depthMm: 0.5 };
  const next = nextSetting(cut, plan, DEFAULT_RULES, { ...at, rpm: 265 }, 'speed', 1.25);
  if (!next.can) throw new Error('the lathe has a faster step');
  expect(next).toMatchObject({ to: at.rpm, cautions: [{ code: 'above-band' }] });
  const change = { parameter: 'speed', direction: 'more', factor: 1.25, because: [], setting: next } as const;
  expect(plain(sayNext(change, cut, 'mm').cautions.join())).toContain('440 rpm lies above the band');
});

describe('values that are set', () => {
  const set = { rpm: 1000, feedMmRev: 0.16, depthMm: 1 };
  it('stand in a line, in the units of the shop', () => {
    expect(plain(saySetting(set, cut, 'mm'))).toBe('1000 rpm, 0.16 mm/rev, 1 mm');
    expect(plain(saySetting(set, cut, 'inch'))).toBe('1000 rpm, 0.0063 in/rev, 0.039 in');
    expect(plain(saySetting({ ...set, rpm: 40 }, { operation: 'shape' }, 'mm'))).toBe(
      '40 strokes/min, 0.16 mm/stroke, 1 mm',
    );
  });

  it('a cut that nobody named is called by what is done to what, as far as there is room', () => {
    expect(nameOfCut('turn', 'Winch shaft bar')).toBe('Turn Winch shaft bar');
    expect(nameOfCut('turn', 'x'.repeat(80))).toHaveLength(60);
  });

  it('half the speed in the sticking zone comes with its oil', () => {
    const next = nextSetting(
      cut,
      plan,
      DEFAULT_RULES,
      { rpm: 265, feedMmRev: 0.08, depthMm: 1 },
      'speed',
      0.5,
    );
    if (!next.can) throw new Error('the lathe has a slower step');
    const because = [{ sign: 'torn-surface' as const, cause: 1 }];
    const said = sayNext(
      { parameter: 'speed', direction: 'less', factor: 0.5, because, setting: next },
      cut,
      'mm',
    );
    expect(plain(said.title)).toMatch(/^Speed 265 rpm → 118 rpm/);
    expect(said.with).toBe('With cutting oil');
  });

  it('the model is stated with the figures that it works with', () =>
    expect(plain(FACTOR_MODEL)).toMatch(
      /scatter 0\.35\..* within 15 % .* scatter of 20 %; 10 % of the cuts .*scatter 0\.3\) .*0\.2 around it/,
    ));
});

describe('a difference', () => {
  const names = { a: 'Insert', b: 'Knife tool' };
  it('is said with its interval, and honestly when none was seen', () => {
    const clear = sayDifference(
      welchInterval([433, 441, 434], [372, 363, 372], 1, 0.95, 10),
      'power',
      names,
      'mm',
    );
    expect(clear.claim).toBe('Insert takes more power than Knife tool.');
    expect(clear.lines[0]).toMatch(/\+67 W, between \+\d+ W and \+\d+ W \(95\s%\)\./);
    const none = sayDifference(
      welchInterval([400, 450, 380], [420, 390, 430], 1, 0.95, 1),
      'power',
      names,
      'mm',
    );
    expect(none.claim).toBe('No difference seen.');
    expect(none.lines[1]).toMatch(/^These readings would have shown one of \d+ W/);
    const small = sayDifference(welchInterval([3, 3, 3], [3, 3, 3], 1, 0.95, 90), 'chip', names, 'mm');
    expect(small.claim).toBe('No difference that matters.');
  });

  it('is said in the units of the shop', () => {
    const rough = welchInterval([3.2, 3.3, 3.1], [1.6, 1.7, 1.6], 0.1, 0.95, 0.2);
    expect(sayDifference(rough, 'finish', names, 'mm').claim).toBe(
      'Insert leaves a rougher surface than Knife tool.',
    );
    expect(sayMeasured(1.6, 'finish', 'inch')).toBe('63.0 μin');
    expect(sayMeasured(0.2, 'wear', 'inch')).toBe('0.0079 in');
    expect(sayMeasured(0.2, 'wear', 'mm')).toBe('0.200 mm');
    expect(sayMeasured(2, 'chip', 'mm')).toBe('2.0 grades');
  });

  it('a spoilt trace and a strange energy are said', () => {
    expect(saySpoilt('clipped')).toContain('top of its range');
    expect(saySpoilt('stale')).toContain('never changed');
    expect(sayOddEnergy(3, material('medium-carbon'))).toBeNull();
    expect(sayOddEnergy(20, material('medium-carbon'))).toContain('20.0 J/mm³ is far from the 2 to 4');
    expect(sayOddEnergy(2.4, material('aluminium-wrought'))).toContain('0.6 to 1');
    expect(sayOddEnergy(2.4, material('aluminium-bronze'))).toBeNull();
  });
});

it('a learned factor is a line of the working, with its band and the cuts behind it', () => {
  const learned = { factor: 0.72, low: 0.61, high: 0.85, cuts: 9, machineCuts: 14 };
  const own = { ...cut, learned: { speed: learned, feed: null } };
  const lines = working('speed', own, cutPlan(own, DEFAULT_RULES), DEFAULT_RULES, 'mm');
  expect(lines.find(({ key }) => key === 'factor-learned')).toMatchObject({
    kind: 'factor',
    label: 'Learned here, speed',
    value: '× 0.72',
    reason: '× 0.61 to × 0.85 four times in five, from 9 cuts like this, 14 on this machine',
  });
  const borrowed = { ...cut, learned: { speed: null, feed: { ...learned, cuts: 0 } } };
  const feed = working('feed', borrowed, cutPlan(borrowed, DEFAULT_RULES), DEFAULT_RULES, 'mm');
  expect(feed.find(({ key }) => key === 'factor-learned')?.reason).toContain('from 14 on this machine');
});
