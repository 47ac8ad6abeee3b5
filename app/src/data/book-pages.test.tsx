import { PAGE } from '@pike-stone/contract';
import { renderHook } from '@testing-library/react';
import { CUT, shownCut } from '../areas/learn/learn.fixture';
import { Unreachable } from '../sync/api';
import { filterQuery, readFilter, useBookPages } from './book-pages';
import type { Shown } from './records';

let mockHere: readonly Shown<'cuts'>[];
let mockPages: { readonly data?: unknown; readonly error?: unknown };
let mockKey: (index: number, before: unknown) => string | null;
const mockSetSize = jest.fn();
jest.mock('../sync/session', () => ({ useSession: () => ({ data: { shop: 'x' } }) }));
jest.mock('./records', () => ({ useRecords: () => ({ records: mockHere }) }));
jest.mock('swr/infinite', () => ({
  __esModule: true,
  default: (key: typeof mockKey) => {
    mockKey = key;
    return { isLoading: false, isValidating: false, size: 1, setSize: mockSetSize, ...mockPages };
  },
}));

const page = (records: readonly Shown<'cuts'>[], next: string | null = null) => ({
  records: records.map(({ waiting: _, ...record }) => record),
  next,
  total: null,
  aside: [],
});
const on = (day: string) => ({ takenAt: `2026-11-${day}T10:00:00.000Z` });
const found = (filter: Parameters<typeof useBookPages>[0] = {}) =>
  renderHook(() => useBookPages(filter)).result.current;
const ids = (filter?: Parameters<typeof useBookPages>[0]) => found(filter).records.map(({ id }) => id);

beforeEach(() => {
  mockHere = [];
  mockPages = { data: [page([])] };
  mockSetSize.mockReset();
});

describe('the filter of an address', () => {
  it('keeps what is one, and leaves out what is none', () =>
    expect(
      readFilter({
        machine: CUT.machineId,
        outcome: 'good',
        sign: 'long-ribbon',
        from: 'yesterday',
        to: '2026-11-30',
        q: '',
        limit: '5',
      }),
    ).toEqual({ machine: CUT.machineId, sign: 'long-ribbon', to: '2026-11-30' }));

  it('goes back into an address without what is empty', () =>
    expect(filterQuery({ outcome: 'worked', q: '', sign: undefined })).toBe('outcome=worked'));
});

describe('pages of the book', () => {
  it('are asked for one after another, until there is none', () => {
    found({ outcome: 'worked', q: ' Ribbon, ' });
    expect(mockKey(0, null)).toBe(`/api/book?limit=${PAGE.usual}&outcome=worked&q=ribbon`);
    expect(mockKey(1, page([], 'a=b'))).toContain('&after=a%3Db');
    expect(mockKey(2, page([]))).toBeNull();
  });

  it('have the newest first, with what waits on this device, and the later of two versions', () => {
    mockPages = { data: [page([shownCut('b', on('05')), shownCut('a', on('03'))])] };
    mockHere = [
      { ...shownCut('c', on('09')), version: 0, waiting: true },
      { ...shownCut('a', { ...on('03'), remark: 'Newer.' }), version: 2 },
      { ...shownCut('b', on('05')), version: 0 },
    ];
    expect(ids()).toEqual(['c', 'b', 'a']);
    expect(found().records[2]!.body.remark).toBe('Newer.');
  });

  it('do not mix in what this device has of pages that are not read yet', () => {
    mockPages = { data: [page([shownCut('b', on('05'))], 'more')] };
    mockHere = [shownCut('old', on('01')), shownCut('new', on('06'))];
    expect(ids()).toEqual(['new', 'b']);
    expect(found().hasMore).toBe(true);
    found().more();
    expect(mockSetSize).toHaveBeenCalledWith(2);
  });

  it('have nothing that was put away', () => {
    mockPages = { data: [page([shownCut('a', on('05'))])] };
    mockHere = [{ ...shownCut('a', on('05')), version: 2, archived: true }];
    expect(ids()).toEqual([]);
  });
});

describe('without the server the cuts of this device are filtered as the database does', () => {
  beforeEach(() => {
    mockPages = { error: new Unreachable('away') };
    mockHere = [
      shownCut('a', { ...on('03'), signs: ['long-ribbon'], outcome: 'so-so', runId: CUT.stockId }),
      shownCut('b', { ...on('05'), operation: 'face', remark: 'Sang like a kettle.' }),
    ];
  });
  it.each([
    [{}, ['b', 'a']],
    [{ sign: 'long-ribbon' }, ['a']],
    [{ outcome: 'worked' }, ['b']],
    [{ operation: 'face' }, ['b']],
    [{ run: CUT.stockId }, ['a']],
    [{ from: '2026-11-04' }, ['b']],
    [{ to: '2026-11-03' }, ['a']],
    [{ q: 'kett' }, ['b']],
    [{ machine: CUT.machineId, stock: CUT.stockId, tool: CUT.toolId }, ['b', 'a']],
    [{ tool: CUT.stockId }, []],
  ] as const)('%j: %j', (filter, wanted) => expect(ids(filter)).toEqual(wanted));

  it('and that is said', () => expect(found().offline).toBe(true));
});
