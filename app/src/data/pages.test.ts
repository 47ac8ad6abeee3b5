import type { CutBody, ToolBody } from '@pike-stone/contract';
import { belongs } from './pages';

const drill = {
  archived: false,
  body: {
    kind: 'drill',
    name: 'Drill 8.5, long',
    material: 'hss-co',
    dull: true,
    diameterMm: 8.5,
    note: 'Bay lathe',
  } as ToolBody,
};
const cut = {
  archived: false,
  body: {
    names: { machine: 'Bay lathe', stock: 'Pump bush bronze', tool: 'Knife tool' },
    operation: 'turn',
    outcome: 'worked',
    remark: 'Sang at 300, quiet at 118',
  } as CutBody,
};

it.each([
  ['drill', true],
  ['DRI lon', true],
  ['8.5', true],
  ['8.5, long!', true],
  ['co', true],
  ['ill', false],
  ['drill short', false],
  ['', true],
])('a tool is found by the beginnings of words: %p', (q, there) =>
  expect(belongs('tools', drill, { q })).toBe(there),
);

it('a cut is found by the names of that day, its operation, outcome and remark', () => {
  for (const q of ['bronze bush', 'knife', 'turn', 'worked', 'sang 118'])
    expect(belongs('cuts', cut, { q })).toBe(true);
  expect(belongs('cuts', cut, { q: 'stainless' })).toBe(false);
});

it('is narrowed by kind, dull, and put away', () => {
  expect(belongs('tools', drill, { kinds: ['drill', 'reamer'], dull: true, archived: false })).toBe(true);
  expect(belongs('tools', drill, { kinds: ['reamer'] })).toBe(false);
  expect(belongs('tools', drill, { archived: true })).toBe(false);
});
