import { identify, observationsOf, SUBSTANCES, TESTS, type Evidence } from '@pike-stone/core/identify';
import { sayNextLook, sayOdds, saySubstance, SEEN_WORDS, SUBSTANCE_WORDS, TEST_WORDS } from './identify';

const plain = (text: string) => text.replace(/\u00a0/g, ' ');
const said = (evidence: Evidence) => {
  const found = identify(evidence);
  return [saySubstance(found), sayNextLook(found)].map(plain);
};

it('every substance, test and observation has its words', () => {
  for (const substance of SUBSTANCES) expect(SUBSTANCE_WORDS[substance].length).toBeGreaterThan(5);
  for (const test of TESTS) {
    expect(TEST_WORDS[test].how).toMatch(/\.$/);
    for (const seen of observationsOf(test)) expect(SEEN_WORDS[seen].length).toBeGreaterThan(3);
  }
  // What can hurt says so where it is done.
  expect(TEST_WORDS.spark.caution).toMatch(/Face shield and respirator/);
});

it('odds are whole percents, never none and never all', () =>
  expect([0, 0.004, 0.006, 0.454, 0.999, 1].map((share) => plain(sayOdds(share)))).toEqual([
    'under 1 %',
    'under 1 %',
    '1 %',
    '45 %',
    '99 %',
    '99 %',
  ]));

it('says what it is, and what to look at next or what is left open', () => {
  expect(said({})).toEqual(['High speed steel, 45 %', 'Tells most next: magnet']);
  expect(said({ magnet: 'weak' })).toEqual(['Carbide, 81 %', 'Tells most next: weigh and measure']);
  const weighing = {
    kind: 'hung-in-water',
    massG: 20,
    uMassG: 0.02,
    massInWaterG: 18.6,
    waterGCm3: 0.998,
  } as const;
  expect(said({ magnet: 'weak', weighing })).toEqual(['Carbide, sure', 'Enough was seen.']);
});

it('a steel that nothing tells from its neighbour is left open', () => {
  const weighing = {
    kind: 'block',
    massG: 82,
    uMassG: 0.1,
    sidesMm: [10, 10, 100],
    uSidesMm: [0.02, 0.02, 0.1],
  } as const;
  const seen = {
    magnet: 'strong',
    colour: 'bright-steel',
    shank: 'ground-bright',
    failure: 'chipped',
    stone: 'aluminium-oxide-cuts',
    spark: 'orange-few-forks',
  } as const;
  expect(said({ ...seen, weighing })).toEqual([
    expect.stringMatching(/^High speed steel, \d\d %$/),
    'A steel, 99 %; which one is left open.',
  ]);
});
