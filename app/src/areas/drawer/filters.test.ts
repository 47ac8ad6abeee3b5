import { TOOL_KINDS } from '@pike-stone/core';
import { TOOLS } from '@pike-stone/core/fixture';
import type { ToolBody } from '@pike-stone/contract';
import { filtersOf } from './filters';

const body = (kind: ToolBody['kind'], dull = false) => ({ ...TOOLS[kind], dull, note: '' }) as ToolBody;

it('every kind of tool stands in one filter of the three, a dull one also among the dull', () => {
  const [turning, holes, milling, dull] = filtersOf('tools');
  for (const kind of TOOL_KINDS) {
    expect([turning, holes, milling].filter((one) => one!.shows(body(kind)))).toHaveLength(1);
    expect([dull!.shows(body(kind)), dull!.shows(body(kind, true))]).toEqual([false, true]);
  }
  expect(turning!.shows(body('boring-bar'))).toBe(true);
  expect(holes!.shows(body('reamer'))).toBe(true);
  expect(milling!.shows(body('fly-cutter'))).toBe(true);
});

it('stores are inserts, blanks and others; machines are not narrowed', () => {
  const shows = (kind: 'insert-box' | 'blank' | 'wheel') =>
    filtersOf('supplies').find((one) => one.shows({ kind } as never))!.value;
  expect([shows('insert-box'), shows('blank'), shows('wheel')]).toEqual(['inserts', 'blanks', 'others']);
  expect(filtersOf('machines')).toEqual([]);
});
