import { taperFrom } from '@pike-stone/core/forecast';
import { GAUGE_SETS, gaugeStack, sineStack, stackError } from '@pike-stone/core/setting';
import {
  sayAchieved,
  sayApart,
  sayPieces,
  saySetoverLimit,
  saySine,
  sayStackDoubt,
  saySteep,
  sayTaper,
  sayTilt,
} from './angles';

it('a stack is exact, or over or under by what is said', () => {
  const { unit, steps } = GAUGE_SETS['metric-47'];
  const made = (target: number) => {
    const answer = gaugeStack({
      unit,
      pieces: steps,
      target,
      tolerance: 0.003,
      wearPiece: null,
      mostPieces: 5,
    });
    if (!answer.feasible) throw new Error('it can be made');
    return answer;
  };
  expect(sayAchieved(made(25), 'mm')).toBe('25 mm exactly.');
  expect(sayAchieved(made(25.8819), 'mm')).toMatch(/^25\.88\d* mm, 0\.00\d+ mm (over|under)\.$/);
  const doubt = stackError([25], '1', 0.02, 20, 11.5e-6);
  expect(sayStackDoubt(doubt, 'mm')).toContain('likely within 0.30\u00a0µm, 0.30\u00a0µm at worst');
  expect(sayStackDoubt(doubt, 'in')).toContain('likely within 12\u00a0millionths of an inch');
});

it('a sine bar says its stack and what an error does', () => {
  const { stackMm, arcsecPerUm } = sineStack(100, 30);
  expect(saySine(100, stackMm, arcsecPerUm, 'mm')).toBe(
    'Stack 50.000\u00a0mm: 2.4 seconds of arc for each micrometre. A bar that is 2\u00a0µm too long sets 2.4 seconds too little.',
  );
  // In inches it is said for the tenth of a thou, which is 2.54 micrometres.
  expect(saySine(127, 63.5, 1.876, 'inch')).toBe(
    'Stack 2.5000\u00a0in: 4.8 seconds of arc for each tenth of a thou. A bar that is 0.1\u00a0thou too long sets 2.4 seconds too little.',
  );
  expect(saySine(100, 0.349, 2.06, 'mm')).toBe(
    'Stack 0.349\u00a0mm: 2.1 seconds of arc for each micrometre.',
  );
  expect(saySteep(50)).not.toContain('slip');
  expect(saySteep(70)).toContain('set 20° and stand the work on an angle plate. The bar may slip');
  expect(sayTilt(14.123)).toContain('14.123°');
});

it('two stacks from one set are each said, or why they cannot be', () => {
  expect(sayPieces([40, 2.5, 1.22], 'mm')).toBe('40 + 2.5 + 1.22');
  expect(sayApart('plates')).toContain('they may share a piece');
  expect(sayApart('rolls')).toContain('cannot be made');
});

it('a taper of 1 in 20 is set, proved and said in every way', () => {
  const [slide, proof, all] = sayTaper(taperFrom('one-to-x', 20), 'mm');
  expect(slide).toContain('88.568°');
  expect(proof).toContain('1.25\u00a0mm over 50\u00a0mm');
  expect(all).toBe('1 : 20, included 2.864°, 0.6 in a foot, 5 %.');
  expect(saySetoverLimit(4, 'mm')).toMatch(/^More than 4\smm/);
});
