import { type compareCutters } from '@pike-stone/core/forecast';
import { fireEvent, render, screen, within } from '@testing-library/react';
import { usePreferences } from '../../../data/preferences';
import { ThemeProvider } from '../../../theme/theme';
import { TOOLS as mockTool } from '@pike-stone/core/fixture';
import { cutOf, MILL } from '../cut.fixture';
import { AreaScreen } from './AreaScreen';

const mockReplace = jest.fn();
const mockChange = jest.fn();
let mockCut = cutOf();
const mockTools = [
  { id: 'a', archived: false, body: { ...mockTool['end-mill'], name: 'End mill 12' } },
  {
    id: 'b',
    archived: false,
    body: { ...mockTool['face-mill'], name: 'Face mill 50', material: 'carbide-uncoated' as const },
  },
  { id: 'c', archived: true, body: { ...mockTool['face-mill'], name: 'Put away' } },
  { id: 'd', archived: false, body: { ...mockTool.drill, name: 'Drill 8' } },
];
jest.mock('expo-router', () => ({
  useRouter: () => ({ push: jest.fn(), canGoBack: () => false, replace: mockReplace, back: jest.fn() }),
}));
jest.mock('../useCut', () => ({
  useCut: () => ({ cut: mockCut, drawer: { tools: mockTools }, loading: false, error: undefined }),
}));
jest.mock('../../../workers/cut-work', () => ({
  useCutWork: ({
    setup,
    tools,
    rules,
    area,
  }: {
    setup: Parameters<typeof compareCutters>[0];
    tools: Parameters<typeof compareCutters>[1];
    rules: Parameters<typeof compareCutters>[2];
    area: Parameters<typeof compareCutters>[3];
  }) => ({
    answer: (
      jest.requireActual('@pike-stone/core/forecast') as { compareCutters: typeof compareCutters }
    ).compareCutters(setup, tools, rules, area),
    working: false,
    fault: null,
  }),
}));

const show = () =>
  render(
    <ThemeProvider>
      <AreaScreen />
    </ThemeProvider>,
  );
const cutters = () =>
  within(screen.getByRole('list', { name: 'Cutters compared' }))
    .getAllByRole('listitem')
    .map((one) => one.textContent ?? '');

beforeEach(() => {
  usePreferences.setState({ theme: 'light', units: 'mm' });
  mockChange.mockClear();
  mockCut = cutOf(
    {
      machine: MILL,
      operation: 'face-mill',
      tool: mockTools[1]!.body,
      stock: { name: 'Plate', materialKey: 'aluminium-wrought', uncertain: false, skinMm: 0 },
    },
    mockChange,
  );
});

test('compares the cutters of the drawer that cover a face, and none that was put away', () => {
  show();
  const list = cutters();
  expect(list).toHaveLength(2);
  expect(list[0]).toMatch(/the quickest the machine can drive/);
  expect(list.join(' ')).toMatch(/Face mill 50.*End mill 12|End mill 12.*Face mill 50/);
});

test('a cutter that is taken comes into Cut with its strip and the layer', () => {
  show();
  fireEvent.click(screen.getByRole('button', { name: 'Take it, Take End mill 12, Side-mill' }));
  expect(mockChange).toHaveBeenCalledWith({ operation: 'mill-side' });
  expect(mockChange.mock.calls.slice(1)).toEqual([
    [{ toolId: 'a' }],
    [{ depthMm: 1, widthMm: expect.any(Number) }],
  ]);
  expect(mockReplace).toHaveBeenCalledWith('/cut');
});

test('both ways is quicker and says what it asks of the screw', () => {
  show();
  const one = cutters()[0];
  fireEvent.click(screen.getByRole('radio', { name: 'Both ways' }));
  expect(cutters()[0]).not.toBe(one);
  expect(screen.getByText(/every second strip climbs/)).toBeTruthy();
});

test('is for a mill', () => {
  mockCut = cutOf();
  show();
  expect(screen.getByText('This is for a mill')).toBeTruthy();
});
