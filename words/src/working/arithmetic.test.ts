import { cutPlan, DEFAULT_RULES, type CutPlan, type CutSetup } from '@pike-stone/core';
import { anySetup } from '@pike-stone/core/fixture';
import { GOLDEN } from '@pike-stone/core/golden';
import fc from 'fast-check';
import type { UnitSystem } from '../format';
import type { WorkingLine } from './line';
import { working, type Result } from './working';

const UNITS = ['mm', 'inch'] as const;
const RESULTS = ['speed', 'feed', 'depth'] as const;
const DEG = Math.PI / 180;

/** The expression of a line, after its name if it has one; null when the label is no arithmetic. */
function expressionOf(label: string): string | null {
  const text = label.includes(': ') ? label.slice(label.indexOf(': ') + 2) : label;
  return /^[\d⌀.×÷−+^()π° tansi]+$/.test(text) && /[×÷−]/.test(text) ? text : null;
}

/** What an expression gives, read as a person reads it. */
function value(text: string): number {
  const source = text
    .replace(/⌀/g, '')
    .replace(/(tan|sin) ([\d.]+)°/g, (_, name: string, deg: string) =>
      String((name === 'tan' ? Math.tan : Math.sin)(Number(deg) * DEG)),
    )
    .replace(/×/g, '*')
    .replace(/÷/g, '/')
    .replace(/−/g, '-')
    .replace(/\^/g, '**')
    .replace(/π/g, String(Math.PI));
  expect(source).toMatch(/^[\d.*/+\-() e]+$/);
  return Number(new Function(`return ${source}`)());
}

/** The figure printed at the start of a value, and what its last digit counts. */
function printed(text: string): { readonly figure: number; readonly lastDigit: number } {
  const [figure = ''] = /[\d.]+/.exec(text) ?? [];
  const places = figure.split('.')[1]?.length ?? 0;
  return { figure: Number(figure), lastDigit: 10 ** -places };
}

const SHARE = 0.006;
const agrees = (computed: number, text: string, share = SHARE): boolean => {
  const { figure, lastDigit } = printed(text);
  return Math.abs(computed - figure) <= Math.max(share * Math.abs(figure), lastDigit);
};

/** Arithmetic lines whose printed figures do not give their printed result. */
const untrue = (lines: readonly WorkingLine[]): string[] =>
  lines.flatMap(({ label, value: result }) => {
    const expression = expressionOf(label);
    return expression === null || agrees(Math.max(0, value(expression)), result)
      ? []
      : [`${label} = ${result}, not ${value(expression)}`];
  });

/** Product of the printed factors, from the printed start. */
function chained(lines: readonly WorkingLine[], start: string): number {
  const of = lines.find(({ key }) => key === start)!;
  const limit = lines.find(({ key }) => key === 'factor-limit');
  const learned = lines.filter(({ key }) => key === 'factor-learned');
  const factors = lines.filter(
    ({ key, kind }) => kind === 'factor' && key !== 'factor-limit' && key !== 'factor-learned',
  );
  const kept =
    limit && (limit.label.startsWith('Never') || limit.label.startsWith('Here')) ? [limit] : factors;
  const multiplied = [...kept, ...learned, ...lines.filter(({ key }) => key === 'teeth')];
  const thinning = limit ? lines.filter(({ key }) => key === 'thinning') : [];
  return [...multiplied, ...thinning].reduce(
    (product, line) => product * printed(line.value).figure,
    printed(of.value).figure,
  );
}

const linesOf = (result: Result, setup: CutSetup, plan: CutPlan, units: UnitSystem) =>
  working(result, setup, plan, DEFAULT_RULES, units);

const every = Object.entries(GOLDEN).flatMap(([key, cases]) =>
  cases.flatMap((one) => UNITS.map((units) => [`${key}: ${one.name}, ${units}`, one.setup, units] as const)),
);

describe('the working, recomputed from its own printed figures', () => {
  it.each(every)('%s', (_, setup, units) => {
    const plan = cutPlan(setup, DEFAULT_RULES);
    expect(RESULTS.flatMap((result) => untrue(linesOf(result, setup, plan, units)))).toEqual([]);
    const speed = linesOf('speed', setup, plan, units);
    const aim = speed.find(({ key }) => key === 'aim')!.value;
    expect([aim, agrees(chained(speed, 'school'), aim)]).toEqual([aim, true]);
  });

  it.each(every)('with what the shop learned: %s', (_, setup, units) => {
    const learned = { low: 0.6, high: 1.2, cuts: 5, machineCuts: 9 };
    const own = {
      ...setup,
      learned: { speed: { ...learned, factor: 0.72 }, feed: { ...learned, factor: 1.1 } },
    };
    const plan = cutPlan(own, DEFAULT_RULES);
    expect(RESULTS.flatMap((result) => untrue(linesOf(result, own, plan, units)))).toEqual([]);
    const speed = linesOf('speed', own, plan, units);
    const aim = speed.find(({ key }) => key === 'aim')!.value;
    expect([aim, agrees(chained(speed, 'school'), aim, BOTH_ROUNDED)]).toEqual([aim, true]);
  });

  it('holds for whatever is set up, in millimetres and in inches', () =>
    fc.assert(
      fc.property(anySetup(), fc.constantFrom(...UNITS), (setup, units) => {
        const plan = cutPlan(setup, DEFAULT_RULES);
        const lines = RESULTS.flatMap((result) => linesOf(result, setup, plan, units));
        expect(untrue(lines)).toEqual([]);
        const texts = lines.map(({ label, value: result, reason = '' }) => `${label} ${result} ${reason}`);
        const foreign = units === 'inch' ? /[\d.]\s?mm\b|m\/min/ : /[\d.]\s?in\b(?! \d)|sfm/;
        expect(texts.filter((text) => foreign.test(text) || /\b0\.0+\s?(in|mm)\b/.test(text))).toEqual([]);
      }),
      { numRuns: 500 },
    ));

  it('lists no factor that was not applied: the feed of a thread, a knurl and a file is what it is', () => {
    for (const operation of ['thread', 'knurl', 'file'] as const)
      for (const { setup } of GOLDEN[operation]) {
        const lines = linesOf('feed', setup, cutPlan(setup, DEFAULT_RULES), 'mm');
        expect(lines.filter(({ kind }) => kind === 'factor')).toEqual([]);
      }
  });
});

/** Start and result of a chain are both rounded to three figures. */
const BOTH_ROUNDED = 0.01;
/** Key of the line that the chain of a feed starts from. */
const STARTS = ['rough', 'tooth', 'drill', 'blade', 'form', 'centre', 'ream', 'stroke'];

it('factors of a feed, from its start, give the feed that is wanted, unless a limit held it', () =>
  fc.assert(
    fc.property(anySetup(), fc.constantFrom(...UNITS), (setup, units) => {
      const plan = cutPlan(setup, DEFAULT_RULES);
      const lines = linesOf('feed', setup, plan, units);
      const start = lines.find(({ key }) => STARTS.includes(key));
      const wanted = lines.find(({ key }) => key === 'wanted')!;
      const isHeld = /^not /.test(wanted.reason ?? '');
      expect([
        lines.map(({ label, value: v }) => `${label} ${v}`),
        !start || isHeld || agrees(chained(lines, start.key), wanted.value, BOTH_ROUNDED),
      ]).toEqual([expect.anything(), true]);
    }),
    { numRuns: 500 },
  ));
