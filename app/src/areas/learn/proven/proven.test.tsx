import { provenBody } from '@pike-stone/contract/later';
import { act, fireEvent, render, renderHook, screen } from '@testing-library/react';
import { usePreferences } from '../../../data/preferences';
import { ThemeProvider } from '../../../theme/theme';
import { cutOf } from '../../cut/cut.fixture';
import { CHOICE, shownCut } from '../learn.fixture';
import { useHowOften } from './how-often';
import { provenOf } from './keep-proven';
import { KeepButton } from './KeepButton';
import { sayHowOften } from './say-how-often';

const mockSave = jest.fn();
const mockPush = jest.fn();
let mockAsked: string | null;
let mockSettings: unknown;
jest.mock('expo-router', () => ({ useRouter: () => ({ push: mockPush }) }));
jest.mock('../../../data/records', () => ({
  newId: () => '0192f000-0015-7000-8000-000000000001',
  save: (...write: unknown[]) => mockSave(...write) as unknown,
}));
jest.mock('../../../sync/of-shop', () => ({
  useOfShop: (address: string | null) => {
    mockAsked = address;
    return { data: address === null ? undefined : mockSettings };
  },
}));

const CUT_ID = '0192f000-0004-7000-8000-000000000009';
const { setup, plan, rules } = cutOf();
const cut = { setup, plan, rules };

describe('the setting that is kept', () => {
  it('has belt, lever and dial by the names on the machine, and can be set again', () => {
    const kept = provenOf(shownCut(CUT_ID), cut, '2026-11-03T10:00:00.000Z');
    expect(provenBody.safeParse(kept).error).toBeUndefined();
    expect(kept.name).toBe('Turn Bar');
    expect(kept.steps).toMatchObject({
      speed: 'Belt 3',
      feed: 'Lever 3',
      depth: expect.stringMatching(/\d/),
    });
    expect(kept.cut).toMatchObject({ rpmByHand: 250, feedByHand: 0.12, depthMm: 1 });
    expect(kept.fromCutId).toBe(CUT_ID);
  });

  it('a feed that no lever gives is left to the plan', () => {
    const set = { rpm: 250, feedMmRev: 0.155, depthMm: 1 };
    const kept = provenOf(shownCut(CUT_ID, { set }), cut, '2026-11-03T10:00:00.000Z');
    expect([kept.cut.feedByHand, kept.steps.feed]).toEqual([null, '']);
  });
});

describe('the button that keeps it', () => {
  const press = async () => {
    render(
      <ThemeProvider>
        <KeepButton record={shownCut(CUT_ID)} cut={cut} />
      </ThemeProvider>,
    );
    await act(async () => void fireEvent.click(screen.getByRole('button', { name: 'Keep this setting' })));
  };
  beforeEach(() => {
    usePreferences.setState({ units: 'mm', theme: 'light' });
    mockSave.mockReset();
    mockPush.mockReset();
  });

  it('opens the card of what was kept', async () => {
    mockSave.mockResolvedValue({ sent: 'saved' });
    await press();
    expect(mockPush).toHaveBeenCalledWith('/book/proven/0192f000-0015-7000-8000-000000000001');
  });

  it('says why it was not kept, and stays', async () => {
    mockSave.mockResolvedValue({ sent: 'refused', refusal: new Error('The shop’s computer has no room.') });
    await press();
    expect(screen.getByText('The shop’s computer has no room.')).toBeTruthy();
    expect(mockPush).not.toHaveBeenCalled();
  });
});

describe('how often it worked', () => {
  const SET = { rpm: 250, feedMmRev: 0.12, depthMm: 1 };
  const record = (more: object) => ({
    ...SET,
    cuts: 1,
    worked: 1,
    lastAt: '2026-10-01T10:00:00.000Z',
    ...more,
  });
  const often = () => renderHook(() => useHowOften(CHOICE, SET)).result.current;

  it('is asked for its machine, stock, tool and operation', () => {
    mockSettings = { settings: [] };
    expect(often()).toEqual({ cuts: 0, worked: 0, lastAt: null });
    expect(mockAsked).toContain(`machine=${CHOICE.machineId}`);
    expect(mockAsked).toContain('operation=turn');
  });

  it('counts settings that a dial cannot tell apart as one, and no others', () => {
    mockSettings = {
      settings: [
        record({ cuts: 4, worked: 3 }),
        record({ rpm: 255, cuts: 2, worked: 2, lastAt: '2026-11-05T10:00:00.000Z' }),
        record({ feedMmRev: 0.2, cuts: 9, worked: 9 }),
        record({ depthMm: 1.5, cuts: 9, worked: 9 }),
      ],
    };
    expect(often()).toEqual({ cuts: 6, worked: 5, lastAt: '2026-11-05T10:00:00.000Z' });
  });

  it.each([
    [{ cuts: 0, worked: 0, lastAt: null }, 'Not taken since it was kept.'],
    [{ cuts: 1, worked: 1, lastAt: '2026-11-05' }, /^Worked in the one cut, last on /],
    [{ cuts: 5, worked: 4, lastAt: '2026-11-05' }, /^Worked in 4 of 5 cuts, last on /],
    [{ cuts: 1, worked: 0, lastAt: '2026-11-05' }, /^It did not work in the one cut, last on /],
    [{ cuts: 3, worked: 0, lastAt: '2026-11-05' }, /^It did not work in any of 3 cuts, last on /],
  ] as const)('%j is said so', (often_, said) => expect(sayHowOften(often_)).toMatch(said));
});
