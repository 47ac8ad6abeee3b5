import { INPUTS } from './choice.fixture';
import { CHOICE_FACTORS } from './evidence';
import { flipsOfJob } from './flips-of-job';
import type { ChoiceInputs } from './choice-inputs';

const EVERY = { factors: CHOICE_FACTORS, reachableMPerMin: 90, hardnessHb: 300, parts: 12 };
/** Factors that are left out of the flips towards carbide or away from it. */
const leftOut = (more: Partial<ChoiceInputs>, towardsCarbide: boolean, powerUnknown = false) => {
  const score = towardsCarbide ? -1 : 1;
  const { factors, ...rest } = flipsOfJob(EVERY, { ...INPUTS, ...more }, { score }, powerUnknown);
  expect(rest).toEqual({ reachableMPerMin: 90, hardnessHb: 300, parts: 12 });
  return CHOICE_FACTORS.filter((factor) => !factors.includes(factor));
};

it('a chip that breaks by itself, a metal that does not stick and a motor not known flip nothing', () => {
  const slow = { reachableMPerMin: 60, finishRaUm: 0.8 };
  expect(leftOut(slow, false)).toEqual(['chip']);
  expect(leftOut({ ...slow, chip: 'stringy' }, false)).toEqual([]);
  expect(leftOut({ ...slow, chip: 'stringy' }, false, true)).toEqual(['power']);
  const fast = { reachableMPerMin: 240, chip: 'stringy' } as const;
  expect(leftOut(fast, true)).toEqual(['gummy']);
  expect(leftOut({ ...fast, gummy: true }, true)).toEqual([]);
});

it('a finer finish speaks for the side that the speed speaks for', () => {
  const at = (reachableMPerMin: number, towardsCarbide: boolean) =>
    leftOut({ reachableMPerMin, chip: 'stringy', gummy: true }, towardsCarbide).includes('finish');
  expect([at(240, true), at(240, false), at(60, true), at(60, false)]).toEqual([false, true, true, false]);
});
