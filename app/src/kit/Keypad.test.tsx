import { fireEvent, render, screen } from '@testing-library/react';
import { usePreferences } from '../data/preferences';
import { ThemeProvider } from '../theme/theme';
import { Keypad } from './Keypad';
import { SizeTypingContext } from './size-typing';

const show = (more: Partial<React.ComponentProps<typeof Keypad>> = {}) => {
  const onSet = jest.fn();
  const onClose = jest.fn();
  render(
    <ThemeProvider>
      <SizeTypingContext value={usePreferences.getState()}>
        <Keypad
          title="Diameter"
          place="diameter"
          valueMm={25}
          limits={{ lowMm: 1, highMm: 300 }}
          onSet={onSet}
          onClose={onClose}
          {...more}
        />
      </SizeTypingContext>
    </ThemeProvider>,
  );
  return {
    onSet,
    onClose,
    type: (text: string) =>
      fireEvent.change(screen.getByLabelText('Diameter', { selector: 'input' }), { target: { value: text } }),
  };
};

beforeEach(() => usePreferences.setState({ units: 'mm', recent: {} }));

test('reads while it is typed, and sets millimetres', () => {
  const { type, onSet, onClose } = show();
  type('3/4');
  expect(screen.getByText(/3\/4 is 19.05.mm = 0.750.in/)).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: 'Set' }));
  expect(onSet).toHaveBeenCalledWith(expect.closeTo(19.05, 9));
  expect(onClose).toHaveBeenCalled();
});

test('sets nothing that is out of range or unreadable', () => {
  const { type, onSet } = show();
  for (const text of ['0.5', '301', 'xy', '-4']) {
    type(text);
    fireEvent.click(screen.getByRole('button', { name: 'Set' }));
  }
  expect(onSet).not.toHaveBeenCalled();
});

test('plain numbers follow the unit that is chosen', () => {
  const { type, onSet } = show();
  fireEvent.click(screen.getByRole('button', { name: 'in, plain numbers are in' }));
  type('2');
  fireEvent.click(screen.getByRole('button', { name: 'Set' }));
  expect(onSet).toHaveBeenCalledWith(50.8);
});

test('offers the last five sizes of this place again', () => {
  for (const mm of [10, 20, 30, 40, 50, 60]) usePreferences.getState().remember('diameter', mm);
  const { onSet } = show();
  expect(screen.queryByRole('button', { name: /again 10.mm/ })).toBeNull();
  fireEvent.click(screen.getByRole('button', { name: /again 60.mm/ }));
  expect(onSet).toHaveBeenCalledWith(60);
});
