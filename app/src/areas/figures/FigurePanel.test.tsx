import { fireEvent, render, screen } from '@testing-library/react';
import { usePreferences } from '../../data/preferences';
import { ThemeProvider } from '../../theme/theme';
import { FigurePanel } from './FigurePanel';

beforeEach(() => usePreferences.setState({ units: 'mm', theme: 'light' }));

function show() {
  const [onSet, onClose] = [jest.fn(), jest.fn()];
  render(
    <ThemeProvider>
      <FigurePanel
        title="Gears"
        set="Put in"
        fields={[
          { key: 'teeth', label: 'Teeth', kind: 'whole', low: 8, high: 400, start: '20' },
          { key: 'width', label: 'Width', kind: 'size', low: 1, high: 50, optional: true },
        ]}
        onSet={onSet}
        onClose={onClose}
      />
    </ThemeProvider>,
  );
  return { onSet, onClose };
}
const fill = (label: string, text: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
const press = () => fireEvent.click(screen.getByRole('button', { name: 'Put in' }));

test('what is typed is taken, and the panel closes', () => {
  const { onSet, onClose } = show();
  fill('Teeth', '32');
  fill('Width (mm)', '1/2 in');
  press();
  expect(onSet).toHaveBeenCalledWith({ teeth: [32], width: [12.7] });
  expect(onClose).toHaveBeenCalledTimes(1);
});

test('what does not fit is said at its field once it is asked; nothing typed is lost', () => {
  const { onSet, onClose } = show();
  fill('Teeth', '7.5');
  expect(screen.queryByText(/Must be a whole number/)).toBeNull();
  press();
  expect(screen.getByText('Must be a whole number from 8 to 400.')).toBeTruthy();
  expect((screen.getByLabelText('Teeth') as HTMLInputElement).value).toBe('7.5');
  expect(onSet).not.toHaveBeenCalled();
  expect(onClose).not.toHaveBeenCalled();
  fill('Teeth', '8');
  press();
  expect(onSet).toHaveBeenCalledWith({ teeth: [8], width: [] });
});
