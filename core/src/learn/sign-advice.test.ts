import fc from 'fast-check';
import { METAL_FAMILIES as METALS } from '../material/metal-family';
import { TOOL_MATERIALS } from '../tool/library';
import { SIGN_GROUPS, SIGN_TOOLS as TOOLS, signTool } from './sign';
import { signAdvice } from './sign-advice';
import { applies, causesWith, exclusions, SIGN_KEYS, SIGNS, signsOf } from './sign-rows';
import { wasRight } from './was-right';

describe('the rule base', () => {
  it.each(SIGN_KEYS)('%s has causes whose weights add up to 1, with any tool it applies to', (key) => {
    const { causes, source, tools } = SIGNS[key];
    expect(source).not.toBe('');
    expect(causes.length).toBeGreaterThan(0);
    const all = causes.filter((one) => one.tools === null).reduce((sum, { weight }) => sum + weight, 0);
    expect(all).toBeLessThanOrEqual(1 + 1e-9);
    for (const tool of tools ?? TOOLS) {
      const possible = causesWith(SIGNS[key], tool);
      expect(possible.reduce((sum, { weight }) => sum + weight, 0)).toBeCloseTo(1, 9);
    }
  });

  it('a factor goes the way its direction says', () => {
    for (const key of SIGN_KEYS)
      for (const { direction, factor } of SIGNS[key].causes)
        if (factor !== null) expect(direction === 'more' ? factor > 1 : factor < 1).toBe(true);
  });

  it('only signs of danger stop, and each stands in one group of the picker', () => {
    for (const key of SIGN_KEYS)
      expect(SIGNS[key].priority === 1).toBe(SIGNS[key].causes.some(({ direction }) => direction === 'stop'));
    const shown = SIGN_GROUPS.flatMap((group) => signsOf(group, 'hss', 'steel'));
    expect(new Set(shown).size).toBe(shown.length);
    expect(shown).toEqual(
      expect.arrayContaining(SIGN_KEYS.filter((key) => applies(SIGNS[key], 'hss', 'steel'))),
    );
  });

  it('every tool material of the library is told apart', () => {
    expect(TOOL_MATERIALS.map((one) => signTool(one))).toEqual([
      'carbon-steel',
      'hss',
      'cobalt-hss',
      'carbide',
      'carbide',
      'carbide',
      'carbide',
    ]);
  });
});

describe('the one next change', () => {
  it('a ribbon asks for more feed, then for a breaker, depth, less speed', () => {
    const { action, next, after } = signAdvice('hss', 'steel', ['long-ribbon']);
    expect([action, next?.parameter, next?.direction, next?.factor]).toEqual([
      'change',
      'feed',
      'more',
      1.25,
    ]);
    expect(after.map(({ parameter }) => parameter)).toEqual(['breaker', 'depth', 'speed']);
  });

  it('what was changed twice without effect is passed over', () =>
    expect(signAdvice('hss', 'steel', ['long-ribbon'], ['feed']).next?.parameter).toBe('breaker'));

  it('safety comes before everything', () =>
    fc.assert(
      fc.property(
        fc.subarray(SIGN_KEYS, { minLength: 1 }),
        fc.constantFrom(...TOOLS),
        fc.constantFrom(...METALS),
        (signs, tool, metal) => {
          const found = signAdvice(tool, metal, [...signs, 'work-moved']);
          expect(found.action).toBe('stop');
          expect(found.stopFor).toContain('work-moved');
        },
      ),
    ));

  it('is one of the changes that the signs ask for, and never one that only the weaker side wants', () =>
    fc.assert(
      fc.property(
        fc.subarray(SIGN_KEYS, { minLength: 1, maxLength: 5 }),
        fc.constantFrom(...TOOLS),
        fc.constantFrom(...METALS),
        (signs, tool, metal) => {
          const { action, next, after } = signAdvice(tool, metal, signs);
          if (action !== 'change') return;
          const asked = signs
            .filter((key) => applies(SIGNS[key], tool, metal))
            .flatMap((key) => causesWith(SIGNS[key], tool).map((one) => `${one.parameter} ${one.direction}`));
          for (const one of [next!, ...after]) {
            expect(asked).toContain(`${one.parameter} ${one.direction}`);
            expect(one.score).toBeGreaterThanOrEqual(0);
          }
          const both = [next!, ...after].map(({ parameter }) => parameter);
          expect(new Set(both).size).toBe(both.filter((one) => one !== undefined).length);
        },
      ),
    ));

  it('says on what signs contradict each other, and takes another change that is nearly as strong', () => {
    const { conflicts, next } = signAdvice('carbide', 'steel', ['chip-silver-carbide', 'flank-fast']);
    expect(conflicts).toEqual(['speed']);
    expect(next?.parameter).toBe('feed');
  });

  it('a sign that means nothing with this tool leaves nothing to change', () =>
    expect(signAdvice('carbide', 'brass', ['chip-dark-blue'])).toMatchObject({ action: 'none', next: null }));
});

describe('signs that one cut cannot show together', () => {
  it('are named in pairs', () => {
    expect(exclusions(['good-arcs', 'long-ribbon', 'squeal'])).toEqual([['long-ribbon', 'good-arcs']]);
    expect(exclusions(['chip-straw', 'chip-black', 'hiss-crackle', 'squeal'])).toHaveLength(2);
    expect(exclusions(['long-ribbon', 'chip-straw', 'squeal', 'flank-even'])).toEqual([]);
  });
});

describe('what a cut says of its speed and feed', () => {
  it.each([
    ['hss', ['chip-dark-blue'], 'so-so', 'too-fast', null],
    ['carbide', ['chip-silver-carbide'], 'worked', 'too-slow', 'right'],
    ['hss', ['built-up-edge'], 'so-so', null, null],
    ['carbide', ['built-up-edge'], 'so-so', 'too-slow', null],
    ['hss', ['long-ribbon'], 'did-not-work', null, 'too-slow'],
    ['hss', ['good-arcs'], 'worked', 'right', 'right'],
    ['hss', [], 'worked', 'right', 'right'],
    ['hss', [], 'did-not-work', null, null],
    ['hss', ['chatter-marks'], 'worked', null, null],
    ['carbide', ['chip-silver-carbide', 'flank-fast'], 'so-so', null, null],
    ['hss', ['tight-clock-spring'], 'so-so', null, 'too-fast'],
  ] as const)('%s, %j, %s: speed %s, feed %s', (tool, signs, outcome, speed, feed) =>
    expect(wasRight(tool, signs, outcome)).toEqual({ speed, feed }),
  );
});
