import { act, fireEvent, render, screen } from '@testing-library/react';
import { usePreferences } from '../../../data/preferences';
import { ThemeProvider } from '../../../theme/theme';
import { ValueReading } from './ValueReading';

const taken = jest.fn();
const show = (measure: 'finish' | 'wear' | 'chip') =>
  render(
    <ThemeProvider>
      <ValueReading measure={measure} onTake={taken} />
    </ThemeProvider>,
  );
const press = (role: 'button' | 'radio', name: string | RegExp) =>
  act(async () => void fireEvent.click(screen.getByRole(role, { name })));
const type = (label: string | RegExp, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

beforeEach(() => {
  usePreferences.setState({ units: 'mm', theme: 'light' });
  taken.mockReset();
});

test('a roughness is kept in micrometres, in whichever unit it was typed', async () => {
  const { unmount } = show('finish');
  type('Roughness Ra (μm)', '1.6');
  await press('button', 'Take this reading');
  unmount();
  usePreferences.setState({ units: 'inch' });
  show('finish');
  type('Roughness Ra (μin)', '63');
  await press('button', 'Take this reading');
  expect(taken.mock.calls).toEqual([[1.6], [expect.closeTo(1.6, 2)]]);
});

test('a surface is judged against the plate by its grade', async () => {
  show('finish');
  expect(screen.getByRole('button', { name: 'Take this grade' }).getAttribute('aria-disabled')).toBe('true');
  await press('radio', /^3\.2/);
  await press('button', 'Take this grade');
  expect(taken).toHaveBeenCalledWith(3.2);
});

test('a wear land beyond sense is refused at its field', async () => {
  show('wear');
  type(/^Wear land/, '90');
  await press('button', 'Take this reading');
  expect(taken).not.toHaveBeenCalled();
  type(/^Wear land/, '0.2');
  await press('button', 'Take this reading');
  expect(taken).toHaveBeenCalledWith(0.2);
});

test('chips are compared by their grade, the better the higher', async () => {
  show('chip');
  await press('radio', 'long ribbon');
  await press('button', 'Take this grade');
  await press('radio', 'short arcs');
  await press('button', 'Take this grade');
  expect(taken.mock.calls).toEqual([[1], [4]]);
});
