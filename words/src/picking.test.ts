import { MATERIALS, OPERATION_KEYS } from '@pike-stone/core';
import {
  METAL_CHOICES,
  metalsCalled,
  nameTool,
  OPERATION_GROUPS,
  groupedOperations,
  sizeCalled,
} from './picking';

it('every operation stands in one group', () =>
  expect(OPERATION_GROUPS.flatMap(({ operations }) => operations).sort()).toEqual(
    [...OPERATION_KEYS].sort(),
  ));

it('groups hold what a machine does, and no empty ones', () =>
  expect(groupedOperations(['drill', 'ream'])).toEqual([{ title: 'Holes', operations: ['drill', 'ream'] }]));

it('every metal can be picked once, and is found by its names', () => {
  expect(METAL_CHOICES.map(({ key }) => key).sort()).toEqual(MATERIALS.map(({ key }) => key).sort());
  expect(metalsCalled('mild')[0]!.key).toBe('low-carbon-cold-drawn');
  expect(metalsCalled('304').map(({ key }) => key)).toEqual(['austenitic-stainless']);
  expect(metalsCalled('BRASS free')[0]!.key).toBe('brass-free-cutting');
  expect(metalsCalled('')).toHaveLength(MATERIALS.length);
  expect(metalsCalled('unobtainium')).toEqual([]);
});

it.each([
  [9.525, 'inch', '3/8\u00a0in'],
  [38.1, 'inch', '1 1/2\u00a0in'],
  [25.4, 'inch', '1\u00a0in'],
  [10, 'inch', '0.394\u00a0in'],
  [12, 'mm', '12\u00a0mm'],
] as const)('%d mm in %s is called %s', (mm, units, called) => expect(sizeCalled(mm, units)).toBe(called));

it('a tool is called by what it is', () => {
  expect(nameTool({ kind: 'end-mill', material: 'hss', sizeMm: 12, teeth: 4 }, 'mm')).toBe(
    'HSS end mill 12\u00a0mm, 4 flutes',
  );
  expect(nameTool({ kind: 'turning-tool', material: 'carbide-coated', sizeMm: 0.4, teeth: null }, 'mm')).toBe(
    'Coated insert turning tool, nose 0.4\u00a0mm',
  );
  expect(nameTool({ kind: 'knurling-tool', material: 'hss', sizeMm: 1, teeth: null }, 'mm')).toBe(
    'HSS knurling tool',
  );
});
