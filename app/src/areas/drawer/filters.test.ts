import { TOOL_KINDS } from '@pike-stone/core';
import { filtersOf } from './filters';

const filterOf = (kind: 'tools' | 'supplies', value: string) =>
  filtersOf(kind).find((one) => one.value === value)!;

it('every kind of tool stands in one filter of the three, a dull one also among the dull', () => {
  for (const kind of TOOL_KINDS)
    expect(
      ['turning', 'holes', 'milling'].filter((value) => filterOf('tools', value).kinds!.includes(kind)),
    ).toHaveLength(1);
  expect(filterOf('tools', 'turning').kinds).toContain('boring-bar');
  expect(filterOf('tools', 'holes').kinds).toContain('reamer');
  expect(filterOf('tools', 'milling').kinds).toContain('fly-cutter');
  expect(filterOf('tools', 'dull')).toMatchObject({ dull: true });
});

it('stores are inserts, blanks and others; machines are not narrowed', () => {
  const shows = (kind: string) => filtersOf('supplies').find(({ kinds }) => kinds!.includes(kind))!.value;
  expect(['insert-box', 'blank', 'wheel', 'holder', 'stone'].map(shows)).toEqual([
    'inserts',
    'blanks',
    'others',
    'others',
    'others',
  ]);
  expect(filtersOf('machines')).toEqual([]);
});
