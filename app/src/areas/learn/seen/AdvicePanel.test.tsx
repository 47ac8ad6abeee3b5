import { runState, type SignKey, type Trial } from '@pike-stone/core/learn';
import { trial as anyTrial } from '@pike-stone/core/learn-fixture';
import { render, screen } from '@testing-library/react';
import { usePreferences } from '../../../data/preferences';
import { ThemeProvider } from '../../../theme/theme';
import { cutOf } from '../../cut/cut.fixture';
import { AdvicePanel } from './AdvicePanel';

const { setup, plan, rules } = cutOf();
const trial = (signs: readonly SignKey[], more: Partial<Trial> = {}): Trial =>
  anyTrial(signs, { setting: { rpm: 120, feedMmRev: 0.12, depthMm: 1 }, ...more });
const show = (trials: readonly Trial[], goal: Parameters<typeof runState>[3] = null) =>
  render(
    <ThemeProvider>
      <AdvicePanel
        state={runState(setup, plan, rules, goal, null, trials)}
        signs={trials.at(-1)!.signs}
        setup={setup}
        units="mm"
      />
    </ThemeProvider>,
  );
const text = () => document.body.textContent!.replace(/\u00a0/g, ' ');

beforeEach(() => usePreferences.setState({ units: 'mm', theme: 'light' }));

test('the next change comes with its size, its reason, what to look for and when to stop', () => {
  show([trial(['long-ribbon'])]);
  expect(screen.getByTestId('next-change').textContent!.replace(/\u00a0/g, ' ')).toBe(
    'Feed 0.12 mm/rev → 0.2 mm/rev, Lever 4',
  );
  expect(text()).toContain('Why: feed too fine for the breaker.');
  expect(text()).toContain('Look for: chip curls tighter and breaks into arcs.');
  expect(text()).toContain('Stop if it reaches chuck or hand.');
  expect(screen.getByRole('list', { name: 'Probable causes' }).textContent).toContain('1. Long ribbon');
  expect(text()).toContain('Tried after it, if that does not help');
  expect(text()).toContain('Sources: ISO 3685:1993');
});

test('a caution that is new at the proposed setting stands with it', () => {
  const state = runState(setup, plan, rules, null, null, [trial(['long-ribbon'])]);
  const caution = { code: 'burdens', level: 'caution' } as const;
  const next = { ...state.next!, setting: { ...state.next!.setting!, cautions: [caution] } };
  render(
    <ThemeProvider>
      <AdvicePanel state={{ ...state, next }} signs={['long-ribbon']} setup={setup} units="mm" />
    </ThemeProvider>,
  );
  expect(text()).toContain('call for another set-up, not another number');
});

test('a cut that is a danger as it was set is first brought out of it, and that is why', () => {
  show([trial(['long-ribbon'], { setting: { rpm: 500, feedMmRev: 0.12, depthMm: 1 } })]);
  expect(screen.getByTestId('next-change').textContent!.replace(/\u00a0/g, ' ')).toMatch(
    /^Speed 500 rpm → 120 rpm/,
  );
  expect(text()).toContain('Why: too fast for');
});

test('danger leaves nothing to change: stop, and what to look at then', () => {
  show([trial(['long-ribbon', 'work-moved'])]);
  expect(screen.getByRole('heading', { name: 'Stop' })).toBeTruthy();
  expect(text()).toContain('feed off, tool clear, spindle stopped');
  expect(text()).toContain('No cut until it is held.');
  expect(screen.queryByTestId('next-change')).toBeNull();
});

test('signs that exclude each other are said, before anything is changed', () => {
  show([trial(['long-ribbon', 'good-arcs'])]);
  expect(screen.getByRole('alert').textContent).toContain('do not go together in one cut');
  expect(screen.queryByTestId('next-change')).toBeNull();
});

test('a cut that went well is kept as it is', () => {
  show([trial(['good-arcs'], { outcome: 'worked' })]);
  expect(screen.getByRole('heading', { name: 'Keep it as it is' })).toBeTruthy();
});

test('where the machine ends, what else there is to change is told', () => {
  show([trial([], { setting: { rpm: 60, feedMmRev: 0.12, depthMm: 1 } })], 'edge');
  expect(text()).toContain('Less speed: the machine has no further step.');
  expect(text()).toContain('What else to change');
});
