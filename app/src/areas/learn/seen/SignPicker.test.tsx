import type { SignKey } from '@pike-stone/core/learn';
import { act, fireEvent, render, screen } from '@testing-library/react';
import { usePreferences } from '../../../data/preferences';
import { ThemeProvider } from '../../../theme/theme';
import { SignPicker } from './SignPicker';

const change = jest.fn();
const show = (seen: readonly SignKey[], tool: 'hss' | 'carbide' = 'hss') =>
  render(
    <ThemeProvider>
      <SignPicker tool={tool} metal="steel" seen={seen} onChange={change} />
    </ThemeProvider>,
  );
const go = (name: string | RegExp) =>
  act(async () => void fireEvent.click(screen.getByRole('radio', { name })));

beforeEach(() => {
  usePreferences.setState({ units: 'mm', theme: 'light' });
  change.mockReset();
});

test('signs are taken and given back, as many as are wanted', () => {
  show(['long-ribbon']);
  fireEvent.click(screen.getByRole('checkbox', { name: /^Short arcs/ }));
  fireEvent.click(screen.getByRole('checkbox', { name: /^Long ribbon/ }));
  expect(change.mock.calls).toEqual([[['long-ribbon', 'good-arcs']], [[]]]);
});

test('each group tells how many of its signs were seen', async () => {
  show(['long-ribbon', 'squeal', 'chatter-marks']);
  for (const name of ['Chip (1)', 'Sound (2)', 'Surface'])
    expect(screen.getByRole('radio', { name })).toBeTruthy();
  await go('Sound (2)');
  expect(screen.getByRole('checkbox', { name: /^Squeal/ }).getAttribute('aria-checked')).toBe('true');
});

test('only what can be seen with this tool in this metal is offered', async () => {
  show([]);
  await go('Colour');
  expect(screen.getByRole('checkbox', { name: /^Straw/ })).toBeTruthy();
  expect(screen.queryByRole('checkbox', { name: /^Silver/ })).toBeNull();
});

test('carbide has its own colours', async () => {
  show([], 'carbide');
  await go('Colour');
  expect(screen.getByRole('checkbox', { name: /^Silver/ })).toBeTruthy();
  expect(screen.queryByRole('checkbox', { name: /^Straw/ })).toBeNull();
});
