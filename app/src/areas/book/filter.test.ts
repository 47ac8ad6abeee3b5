import { SIGN_KEYS } from '@pike-stone/core/learn';
import { renderHook } from '@testing-library/react';
import { hasFilter, sayFilter, useFilter, useFilterOptions } from './filter';

const KNIFE = '0192f000-0003-7000-8000-000000000001';
let mockParams: Record<string, string>;
jest.mock('expo-router', () => ({ useLocalSearchParams: () => mockParams }));
jest.mock('../../data/records', () => ({
  useRecords: (kind: string) => ({
    records:
      kind === 'tools' ? [{ id: '0192f000-0003-7000-8000-000000000001', body: { name: 'Knife tool' } }] : [],
  }),
}));

const options = () => renderHook(() => useFilterOptions()).result.current;

it('the address says what the cuts are filtered by', () => {
  mockParams = { tool: KNIFE, sign: 'squeal', id: 'opened', outcome: 'nonsense' };
  const filter = renderHook(() => useFilter()).result.current;
  expect(filter).toEqual({ tool: KNIFE, sign: 'squeal' });
  expect([hasFilter(filter), hasFilter({ q: 'bush' })]).toEqual([true, false]);
});

it.each([
  ['tool', KNIFE, 'Knife tool'],
  ['tool', '0192f000-0003-7000-8000-000000000009', 'put away'],
  ['sign', 'squeal', 'Squeal'],
  ['sign', 'gone-from-the-rule-base', 'gone-from-the-rule-base'],
  ['outcome', 'did-not-work', 'Did not work'],
  ['operation', 'turn', 'Turn'],
  ['from', '2026-11-01', 'from 2026-11-01'],
  ['to', '2026-11-30', 'to 2026-11-30'],
] as const)('%s %s is called %s', (key, value, wanted) =>
  expect(sayFilter(key, value, options())).toBe(wanted),
);

it('every sign can be chosen, each named apart', () => {
  const { sign } = options();
  expect(sign.map(({ value }) => value)).toEqual(SIGN_KEYS);
  expect(new Set(sign.map(({ label }) => label)).size).toBe(sign.length);
});
