import type { CutBody } from '@pike-stone/contract';
import { act, fireEvent, render, screen } from '@testing-library/react';
import { usePreferences } from '../../data/preferences';
import type { Shown } from '../../data/records';
import { ThemeProvider } from '../../theme/theme';
import { Entry } from './Entry';

const BODY: CutBody = {
  machineId: '0192f000-0001-7000-8000-000000000001',
  stockId: '0192f000-0002-7000-8000-000000000001',
  toolId: '0192f000-0003-7000-8000-000000000001',
  operation: 'turn',
  workDiameterMm: 42,
  cutterDiameterMm: null,
  stickOutMm: 60,
  support: 'chuck',
  fluid: 'dry',
  interrupted: false,
  firstPassOnSkin: false,
  depthMm: 1,
  widthMm: null,
  rpmByHand: null,
  feedByHand: null,
  takenAt: '2026-11-02T10:00:00.000Z',
  names: { machine: 'Bay lathe', stock: 'Return sheave', tool: 'HSS knife tool' },
  diameterMm: 42,
  planned: { rpm: 240, feedMmRev: 0.2, depthMm: 1, setting: 'Belt 2', aimMPerMin: 30 },
  set: { rpm: 240, feedMmRev: 0.2, depthMm: 1 },
  outcome: 'so-so',
  remark: 'Corner chipped.',
};
const entry = (version: number, more: Partial<CutBody> = {}): Shown<'cuts'> => ({
  id: '0192f000-0004-7000-8000-000000000009',
  version,
  archived: false,
  updatedAt: '2026-11-02T10:00:00.000Z',
  waiting: false,
  body: { ...BODY, ...more },
});

let mockRecord: Shown<'cuts'>;
const mockSave = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ push: jest.fn(), replace: jest.fn() }) }));
jest.mock('../../data/record', () => ({
  useRecord: () => ({ record: mockRecord, loading: false, error: undefined }),
}));
jest.mock('./EntrySeen', () => ({ EntrySeen: () => null }));
jest.mock('../../data/records', () => ({
  save: (...write: unknown[]) => mockSave(...write) as unknown,
  putBack: jest.fn(),
}));

const page = () => (
  <ThemeProvider>
    <Entry id={mockRecord.id} />
  </ThemeProvider>
);
const remark = () => screen.getByLabelText<HTMLTextAreaElement>('Remark').value;
const write = (text: string) =>
  fireEvent.change(screen.getByLabelText('Remark'), { target: { value: text } });
const keep = () =>
  act(async () => void fireEvent.click(screen.getByRole('button', { name: 'Keep the change' })));

beforeEach(() => {
  usePreferences.setState({ units: 'mm', theme: 'light' });
  mockSave.mockReset();
  mockRecord = entry(3);
});

test('an entry that is read anew shows what it says now, until somebody has typed in it', () => {
  const { rerender } = render(page());
  expect(remark()).toBe('Corner chipped.');
  mockRecord = entry(4, { remark: 'Corner was sound.' });
  rerender(page());
  expect(remark()).toBe('Corner was sound.');
  expect(screen.queryByRole('button', { name: 'Keep the change' })).toBeNull();

  write('Mine.');
  mockRecord = entry(5, { remark: 'Somebody else’s.', outcome: 'worked' });
  rerender(page());
  expect(remark()).toBe('Mine.');
});

test('what was typed is written from the version shown, and what was not touched stays as it is there', async () => {
  mockSave.mockResolvedValue({ sent: 'saved' });
  render(page());
  write('  Mine.  ');
  await keep();
  expect(mockSave).toHaveBeenCalledWith('cuts', mockRecord.id, 3, { ...BODY, remark: 'Mine.' }, false);
});

test('a refused change stays typed, with the reason at the field', async () => {
  mockSave.mockResolvedValue({ sent: 'refused', refusal: new Error('Keep the remark short.') });
  render(page());
  write('Long');
  await keep();
  expect(screen.getByText('Keep the remark short.')).toBeTruthy();
  expect(remark()).toBe('Long');
});

test('a remark that is too long is not sent', async () => {
  render(page());
  write('x'.repeat(2_001));
  await keep();
  expect(screen.getByText('Keep the remark under 2000 characters.')).toBeTruthy();
  expect(mockSave).not.toHaveBeenCalled();
});
