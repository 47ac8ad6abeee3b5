import { plateaus as mockPlateaus } from '@pike-stone/core/compare';
import { act, fireEvent, render, screen } from '@testing-library/react';
import type { Stream } from '../../../data/instruments';
import { usePreferences } from '../../../data/preferences';
import { ThemeProvider } from '../../../theme/theme';
import { COMPARISON } from '../learn.fixture';
import { PowerReading } from './PowerReading';

let mockStream: Stream;
let mockKinds: readonly string[];
jest.mock('../../../data/instruments', () => ({
  useInstruments: () => ({ data: { instruments: mockKinds.map((kind) => ({ kind })) } }),
  useInstrument: () => mockStream,
}));
jest.mock('../../machine/instruments/Live', () => ({ StreamState: () => null }));
// The worker's answer at once: the levels themselves are tested in the core.
jest.mock('../../../workers/cut-work', () => ({
  useCutWork: (question: Parameters<typeof mockPlateaus>[0] | null) => ({
    answer: question && mockPlateaus(question),
    working: false,
    fault: null,
  }),
}));

/** A trace of levels, a tenth of a second apart, each reading a little off. */
const streamOf = (levels: readonly (readonly [amps: number, readings: number])[]): Stream => ({
  state: 'live' as Stream['state'],
  standIn: true,
  bad: 0,
  readings: levels
    .flatMap(([amps, count]) => Array.from({ length: count }, (_, i) => amps + 0.01 * ((i % 3) - 1)))
    .map((value, i) => ({ t: i / 10, value })),
});
const taken = jest.fn();
const show = (more: Partial<typeof COMPARISON.gauge> = {}) =>
  render(
    <ThemeProvider>
      <PowerReading
        body={{ ...COMPARISON, gauge: { ...COMPARISON.gauge, ...more } }}
        side="a"
        near={null}
        onTake={taken}
      />
    </ThemeProvider>,
  );
const press = (name: string | RegExp) =>
  act(async () => void fireEvent.click(screen.getByRole('button', { name })));
const record = async () => {
  await press(/^Record/);
  await press(/^Stop/);
};

beforeEach(() => {
  usePreferences.setState({ units: 'mm', theme: 'light' });
  taken.mockReset();
  mockKinds = ['ammeter'];
  mockStream = streamOf([
    [2, 30],
    [5, 30],
  ]);
});

test('idle and cut are found in the trace, and taken with one touch', async () => {
  show();
  await record();
  expect(screen.getByText('Idle 2.00 A, cut 5.00 A')).toBeTruthy();
  await press('Take 150 W');
  expect(taken).toHaveBeenCalledWith({
    value: expect.closeTo(150, 6),
    idleA: expect.closeTo(2, 6),
    cutA: expect.closeTo(5, 6),
  });
});

test.each([
  ['with no cut in it', streamOf([[2, 60]]), {}, /^No cut is seen in this trace/],
  [
    'that never changed',
    { ...streamOf([[2, 60]]), readings: streamOf([[2, 60]]).readings.map(({ t }) => ({ t, value: 2 })) },
    {},
    /^The reading never changed/,
  ],
  [
    'clipped at the top of the range',
    streamOf([
      [2, 30],
      [5, 30],
    ]),
    { topA: 4.9 },
    /at the top of its range/,
  ],
  [
    'whose cut is below what the ammeter can see',
    streamOf([
      [2, 30],
      [2.2, 30],
    ]),
    { resolutionA: 0.09 },
    /below what this ammeter can see/,
  ],
] as const)('a trace %s is said to be so, and cannot be taken', async (_, stream, gauge, said) => {
  mockStream = stream;
  show(gauge);
  await record();
  expect(screen.getByText(said)).toBeTruthy();
  expect(screen.queryByRole('button', { name: /^Take \d/ })).toBeNull();
});

test('too short a trace cannot be stopped', async () => {
  mockStream = streamOf([[2, 12]]);
  show();
  await press(/^Record/);
  const button = screen.getByRole('button', { name: /^Recording/ });
  expect(button.getAttribute('aria-disabled')).toBe('true');
});

test.each([
  ['5', '2', 'The current in the cut must be above that at idle.'],
  ['2', '2.02', /below what this ammeter can see/],
  ['0', '2', /Must be a number from 0.01 to 1000/],
] as const)('typed %s and %s A are refused at their field', async (idle, cut, said) => {
  mockKinds = [];
  show();
  expect(screen.queryByText('Clamp ammeter')).toBeNull();
  fireEvent.change(screen.getByLabelText('Current at idle (A)'), { target: { value: idle } });
  fireEvent.change(screen.getByLabelText('Current in the cut (A)'), { target: { value: cut } });
  await press('Take the typed reading');
  expect(screen.getByText(said)).toBeTruthy();
  expect(taken).not.toHaveBeenCalled();
});

test('a typed reading is taken; the idle current stays for the next', async () => {
  show();
  fireEvent.change(screen.getByLabelText('Current at idle (A)'), { target: { value: '2' } });
  fireEvent.change(screen.getByLabelText('Current in the cut (A)'), { target: { value: '4' } });
  await press('Take the typed reading');
  expect(taken).toHaveBeenCalledWith({ value: 100, idleA: 2, cutA: 4 });
  expect(screen.getByLabelText<HTMLInputElement>('Current at idle (A)').value).toBe('2');
  expect(screen.getByLabelText<HTMLInputElement>('Current in the cut (A)').value).toBe('');
});
