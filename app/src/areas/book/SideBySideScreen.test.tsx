import { render, screen, within } from '@testing-library/react';
import { usePreferences } from '../../data/preferences';
import { ThemeProvider } from '../../theme/theme';
import { shownCut } from '../learn/learn.fixture';
import { SideBySideScreen } from './SideBySideScreen';

let mockIds: string;
let mockRead: Record<string, { record?: unknown; loading: boolean; error?: Error }>;
jest.mock('expo-router', () => ({
  useRouter: () => ({ push: jest.fn(), replace: jest.fn() }),
  useLocalSearchParams: () => ({ ids: mockIds }),
}));
jest.mock('../../data/record', () => ({ useRecord: (_: string, id: string) => mockRead[id] }));
jest.mock('../../kit/Screen', () => ({
  Screen: ({ children }: { children: React.ReactNode }) => children,
  Sheet: ({ children }: { children: React.ReactNode }) => children,
}));

const show = (ids: string, read: typeof mockRead) => {
  mockIds = ids;
  mockRead = read;
  render(
    <ThemeProvider>
      <SideBySideScreen />
    </ThemeProvider>,
  );
};
const read = (id: string, more: Parameters<typeof shownCut>[1] = {}) => ({
  record: shownCut(id, more),
  loading: false,
});
const row = (name: RegExp) =>
  within(screen.getByRole('row', { name }))
    .getAllByRole('cell')
    .map((one) => one.textContent!.replace(/\u00a0/g, ' '));

beforeEach(() => usePreferences.setState({ units: 'mm', theme: 'light' }));

test('each thing stands beside the same of the others; what nobody has is left out', () => {
  show('a,b', {
    a: read('a', { signs: ['squeal'], measured: { raUm: 2.9 }, outcome: 'did-not-work' }),
    b: read('b', { set: { rpm: 500, feedMmRev: 0.2, depthMm: 1 }, fluid: 'flood' }),
  });
  expect(row(/^Feed/)).toEqual(['0.12 mm/rev', '0.2 mm/rev']);
  expect(row(/^Fluid/)).toEqual(['oil by brush', 'flood']);
  expect(row(/^Speed/)).toEqual(['250 rpm, 31 m/min', '500 rpm, 63 m/min']);
  expect(row(/^Seen/)).toEqual(['squeal', '–']);
  expect(row(/^Roughness/)).toEqual(['Ra 2.9 μm', '–']);
  expect(screen.queryByRole('row', { name: /^Net power/ })).toBeNull();
});

test('one cut alone is nothing to compare', () => {
  show('a', { a: read('a') });
  expect(screen.getByText('Nothing to compare')).toBeTruthy();
});

test('a cut that is not in this shop does not leave the page empty', () => {
  show('a,b', { a: read('a'), b: { loading: false } });
  expect(screen.getByText('Not in this book')).toBeTruthy();
});

test('a cut that cannot be read now says why', () => {
  show('a,b', {
    a: read('a'),
    b: { loading: false, error: new Error('The shop’s computer does not answer.') },
  });
  expect(screen.getByText('The shop’s computer does not answer.')).toBeTruthy();
});

test('while one of them is coming the page says so', () => {
  show('a,b', { a: read('a'), b: { loading: true } });
  expect(screen.queryByRole('table')).toBeNull();
  expect(screen.queryByText('Not in this book')).toBeNull();
});

test('of three, the two that are there are compared', () => {
  show('a,b,c', { a: read('a'), b: read('b'), c: { loading: false } });
  expect(row(/^Depth/)).toHaveLength(2);
});
