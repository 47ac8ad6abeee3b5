import { act, fireEvent, render, screen } from '@testing-library/react';
import { useOutbox } from '../../../sync/outbox';
import { ThemeProvider } from '../../../theme/theme';
import { SaveShop } from './SaveShop';

const mockSaved = jest.fn();
let mockFetch: (signal: AbortSignal) => Promise<Blob>;
jest.mock('../../../kit/save-file', () => ({ save: (...file: unknown[]) => mockSaved(...file) as unknown }));
jest.mock('../../../sync/archive', () => ({ fetchShop: (signal: AbortSignal) => mockFetch(signal) }));

const show = () =>
  render(
    <ThemeProvider>
      <SaveShop />
    </ThemeProvider>,
  );
const press = (name: RegExp) => act(async () => void fireEvent.click(screen.getByRole('button', { name })));

beforeEach(() => {
  mockSaved.mockReset();
  useOutbox.setState({ entries: [] });
});
afterEach(() => jest.useRealTimers());

test('the file is saved under the name of the day', async () => {
  const blob = new Blob(['zip']);
  mockFetch = async () => blob;
  show();
  await press(/^Save the whole shop$/);
  expect(mockSaved).toHaveBeenCalledWith(blob, expect.stringMatching(/^pike-stone-\d{4}-\d\d-\d\d\.zip$/));
});

test('what waits on this device is said not to be in it', () => {
  useOutbox.setState({ entries: [{}, {}] as never });
  show();
  expect(screen.getByText(/^2 changes wait on this device/)).toBeTruthy();
});

test('why it failed stands at the button, and another try begins anew', async () => {
  mockFetch = async () => {
    throw new Error('The file was cut off before its end.');
  };
  show();
  await press(/^Save the whole shop$/);
  expect(screen.getByText('The file was cut off before its end.')).toBeTruthy();
  mockFetch = async () => new Blob([]);
  await press(/^Save the whole shop$/);
  expect(screen.queryByText('The file was cut off before its end.')).toBeNull();
});

test('what takes long can be stopped, and is then no fault', async () => {
  jest.useFakeTimers();
  mockFetch = (signal) =>
    new Promise((_, fail) => signal.addEventListener('abort', () => fail(new Error('stopped'))));
  show();
  await press(/^Save the whole shop$/);
  expect(screen.queryByRole('button', { name: 'Stop' })).toBeNull();
  expect(screen.getByRole('button', { name: /^The file is being made/ })).toBeTruthy();
  act(() => void jest.advanceTimersByTime(2_000));
  await press(/^Stop$/);
  expect(screen.getByRole('button', { name: 'Save the whole shop' })).toBeTruthy();
  expect(screen.queryByText('stopped')).toBeNull();
  expect(mockSaved).not.toHaveBeenCalled();
});

test('leaving the page stops it', async () => {
  let left = false;
  mockFetch = (signal) => new Promise(() => signal.addEventListener('abort', () => void (left = true)));
  const { unmount } = show();
  await press(/^Save the whole shop$/);
  unmount();
  expect(left).toBe(true);
});
