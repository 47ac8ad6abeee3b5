import { act, fireEvent, render, screen } from '@testing-library/react';
import { usePreferences } from '../../data/preferences';
import { ThemeProvider } from '../../theme/theme';
import { CountWay } from './measure/CountWay';
import { WheelWay } from './measure/WheelWay';

const fill = (label: RegExp, text: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
const take = () => fireEvent.click(screen.getByRole('button', { name: 'Take this measure' }));

beforeEach(() => usePreferences.setState({ units: 'mm', theme: 'light' }));

test('counted turns give a speed with the uncertainty of a hand on a watch', () => {
  const onTake = jest.fn();
  render(
    <ThemeProvider>
      <CountWay onTake={onTake} rpm={100} drive={undefined} />
    </ThemeProvider>,
  );
  fill(/Whole turns/, '40');
  fill(/Seconds/, '20');
  take();
  expect(onTake).toHaveBeenCalledWith({ rpm: 120, uRel: 0.01, how: 'counted' });
});

test('nothing is taken, and nothing typed is lost, while a figure does not fit', () => {
  const onTake = jest.fn();
  render(
    <ThemeProvider>
      <CountWay onTake={onTake} rpm={100} drive={undefined} />
    </ThemeProvider>,
  );
  for (const [turns, seconds] of [
    ['', ''],
    ['0', '20'],
    ['40', '0'],
    ['-5', '20'],
    ['forty', '20'],
    ['40 50', '20'],
    ['1e9', '20'],
  ]) {
    fill(/Whole turns/, turns!);
    fill(/Seconds/, seconds!);
    take();
    expect(screen.getAllByText(/Must be a number from/).length).toBeGreaterThan(0);
    expect((screen.getByLabelText(/Whole turns/) as HTMLInputElement).value).toBe(turns);
  }
  expect(onTake).not.toHaveBeenCalled();
});

test('the watch fills in the seconds between two presses', () => {
  jest.useFakeTimers();
  render(
    <ThemeProvider>
      <CountWay onTake={jest.fn()} rpm={100} drive={undefined} />
    </ThemeProvider>,
  );
  fireEvent.click(screen.getByRole('button', { name: 'Start the watch at the mark' }));
  act(() => jest.advanceTimersByTime(12_300));
  fireEvent.click(screen.getByRole('button', { name: /^Stop the watch at the mark/ }));
  expect((screen.getByLabelText(/Seconds/) as HTMLInputElement).value).toBe('12.3');
  jest.useRealTimers();
});

test('a friction wheel reads its sizes as machinists write them', () => {
  const onTake = jest.fn();
  render(
    <ThemeProvider>
      <WheelWay onTake={onTake} rpm={100} drive={undefined} />
    </ThemeProvider>,
  );
  fill(/Diameter of the wheel/, '1 31/32');
  fill(/Diameter of the rim/, '6.3 in');
  fill(/Turns of the wheel/, '100');
  fill(/Seconds/, '30');
  take();
  // 60 x 100 x 50.006 / (160.02 x 30 x 0.995)
  expect(onTake.mock.calls[0][0]).toMatchObject({ rpm: expect.closeTo(62.81, 1), how: 'friction-wheel' });
  expect(onTake.mock.calls[0][0].uRel).toBeGreaterThan(0.005);
});

test('a size that can be read two ways is asked for', () => {
  render(
    <ThemeProvider>
      <WheelWay onTake={jest.fn()} rpm={100} drive={undefined} />
    </ThemeProvider>,
  );
  fill(/Diameter of the wheel/, '1,250');
  take();
  expect(screen.getByText('Two ways to read that. Add the unit: mm, in or thou.')).toBeTruthy();
});
