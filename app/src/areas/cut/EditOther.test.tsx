import { cutPlan, DEFAULT_RULES, type CutSetup } from '@pike-stone/core';
import { fireEvent, render, screen } from '@testing-library/react';
import { usePreferences } from '../../data/preferences';
import { ThemeProvider } from '../../theme/theme';
import { cutSetup } from './cut.fixture';
import { EditOther } from './EditOther';
import type { Editing } from './useCut';

const show = (operation: CutSetup['operation'], what: 'angle' | 'pitch') => {
  const setup = cutSetup({ operation, workDiameterMm: 16 });
  const change = jest.fn();
  const onClose = jest.fn();
  render(
    <ThemeProvider>
      <EditOther
        what={what}
        cut={
          {
            setup,
            plan: cutPlan(setup, DEFAULT_RULES),
            choice: {} as never,
            change,
            trial: (wanted) => ({ ...setup, ...(wanted as Partial<CutSetup>) }),
          } satisfies Editing
        }
        onClose={onClose}
      />
    </ThemeProvider>,
  );
  return {
    change,
    onClose,
    type: (label: RegExp, text: string) =>
      fireEvent.change(screen.getByRole('textbox', { name: label }), { target: { value: text } }),
    set: () => fireEvent.click(screen.getByRole('button', { name: 'Set' })),
  };
};

beforeEach(() => usePreferences.setState({ theme: 'light', units: 'mm' }));

test('a pitch is typed in either way of calling it, or touched', () => {
  const { change, type, set } = show('thread', 'pitch');
  type(/As it is called/, '20 tpi');
  expect(screen.getByText(/1.27\s?mm \(20\s?tpi\)/)).toBeTruthy();
  set();
  expect(change).toHaveBeenCalledWith({ pitchMm: 1.27 });
  fireEvent.click(screen.getByRole('button', { name: '1.5 mm' }));
  expect(change).toHaveBeenLastCalledWith({ pitchMm: 1.5 });
});

test('a pitch that cannot be read is said, and nothing is set', () => {
  const { change, type, set } = show('knurl', 'pitch');
  type(/As it is called/, 'fine');
  expect(screen.getByText(/Type a pitch like/)).toBeTruthy();
  set();
  expect(change).not.toHaveBeenCalled();
});

test('a taper is typed as the drawing says it, and read back as the half angle', () => {
  const { change, type, set } = show('taper', 'angle');
  fireEvent.click(screen.getByRole('radio', { name: '1 in …' }));
  type(/1 in/, '10');
  expect(screen.getByText(/half angle 2.862°, 1 in 10/)).toBeTruthy();
  set();
  expect((change.mock.calls[0] as [{ angleDeg: number }])[0].angleDeg).toBeCloseTo(2.8624, 4);
});

test('an angle out of range is said at its field; the usual one is a touch away', () => {
  const { change, onClose, type, set } = show('chamfer', 'angle');
  type(/Degrees/, '95');
  expect(screen.getByText(/it must be from 0.1 to 89°/)).toBeTruthy();
  set();
  expect(onClose).not.toHaveBeenCalled();
  fireEvent.click(screen.getByRole('button', { name: 'The usual' }));
  expect(change).toHaveBeenCalledWith({ angleDeg: null });
});
