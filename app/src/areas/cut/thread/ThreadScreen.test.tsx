import { fireEvent, render, screen, within } from '@testing-library/react';
import { usePreferences } from '../../../data/preferences';
import { ThemeProvider } from '../../../theme/theme';
import { TOOLS as mockTool } from '@pike-stone/core/fixture';
import { cutOf, LATHE } from '../cut.fixture';
import { useThreadJobs } from './thread-job';
import { ThreadScreen } from './ThreadScreen';

const mockPush = jest.fn();
let mockCut = cutOf();
jest.mock('expo-router', () => ({
  useRouter: () => ({ push: mockPush, canGoBack: () => false, replace: jest.fn(), back: jest.fn() }),
}));
jest.mock('../useCut', () => ({ useCut: () => ({ cut: mockCut, loading: false, error: undefined }) }));

const thread = (more: Parameters<typeof cutOf>[0] = {}) =>
  cutOf({
    operation: 'thread',
    workDiameterMm: 16,
    tool: { ...mockTool['threading-tool'], noseRadiusMm: 0.15 },
    ...more,
  });
const show = () =>
  render(
    <ThemeProvider>
      <ThreadScreen />
    </ThemeProvider>,
  );
const next = () => screen.getByTestId('next-infeed').textContent;

beforeEach(() => {
  usePreferences.setState({ theme: 'light', units: 'mm' });
  useThreadJobs.setState({ drafts: {} });
  mockCut = thread();
});

test('goes pass by pass, one back when it was tapped by mistake, until it is at depth', () => {
  show();
  const first = next();
  const count = within(screen.getByRole('list', { name: 'Passes' })).getAllByRole('listitem').length;
  fireEvent.click(screen.getByRole('button', { name: 'Pass taken' }));
  expect(next()).not.toBe(first);
  fireEvent.click(screen.getByRole('button', { name: 'One back' }));
  expect(next()).toBe(first);
  for (let i = 0; i < count; i += 1) fireEvent.click(screen.getByRole('button', { name: 'Pass taken' }));
  expect(screen.getByText('Full depth')).toBeTruthy();
  expect(screen.getByRole('button', { name: 'All taken' })).toBeTruthy();
});

test('by the divisions of the compound, in travel where its dial is not known', () => {
  show();
  expect(next()).toMatch(/^[\d.]+ divisions$/);
});

test('in travel where the dial of the compound is not known', () => {
  mockCut = thread({ machine: { ...LATHE, compoundSlide: undefined } as typeof LATHE });
  show();
  expect(next()).toMatch(/^0\.\d+\smm$/);
});

test('straight in is told by the cross slide, and begins anew', () => {
  show();
  fireEvent.click(screen.getByRole('button', { name: 'Pass taken' }));
  fireEvent.click(screen.getByRole('radio', { name: 'Straight in' }));
  expect(screen.getByText(/^Cross slide, pass 1 of/)).toBeTruthy();
  expect(screen.getByText(/Both flanks cut/)).toBeTruthy();
});

test('an inside thread has no wires to measure over; the gears are one touch away', () => {
  mockCut = thread({ way: 'inside' });
  show();
  expect(screen.queryByText('Over three wires')).toBeNull();
  fireEvent.click(screen.getByRole('button', { name: 'Gears' }));
  expect(mockPush).toHaveBeenCalledWith('/drawer/machines/machine/gears');
});

test('says what to do when the cut is no thread', () => {
  mockCut = cutOf();
  show();
  expect(screen.getByText('This is not a thread')).toBeTruthy();
});
