import { misfits } from '@pike-stone/core';
import { anyForm, BELT_LATHE, DRILL_PRESS, setup, TOOLS } from '@pike-stone/core/fixture';
import fc from 'fast-check';
import { refusals } from './misfit';

it.each([
  [{ depthMm: 15 }, '15\u00a0mm deep goes past the middle of ⌀25\u00a0mm: 12.5\u00a0mm at most.'],
  [
    { operation: 'bore', workDiameterMm: 10 },
    'A bar of ⌀12\u00a0mm does not go into a bore of ⌀10\u00a0mm with room for the chips: ⌀8.94\u00a0mm at most.',
  ],
  [
    { operation: 'drill', machine: BELT_LATHE, tool: { ...TOOLS.drill, diameterMm: 20 }, workDiameterMm: 15 },
    'A hole of ⌀20\u00a0mm leaves nothing of work of ⌀15\u00a0mm.',
  ],
  [
    { operation: 'thread', workDiameterMm: 3, pitchMm: 5 },
    'A pitch of 5\u00a0mm on ⌀3\u00a0mm leaves no core: 1.5\u00a0mm at most.',
  ],
  [{ machine: DRILL_PRESS }, 'Turn is not done on a drill press.'],
] as const)('both sizes are named: %#', (more, sentence) =>
  expect(refusals(setup(more), 'mm')).toEqual([sentence]),
);

it('every misfit is one whole sentence in both units', () =>
  fc.assert(
    fc.property(anyForm(), fc.constantFrom('mm' as const, 'inch' as const), (input, units) => {
      const said = refusals(input, units);
      return (
        said.length === misfits(input).length
        && said.every((text) => /^[A-Z\d].+\.$/.test(text) && !/NaN|undefined|Infinity/.test(text))
      );
    }),
    { numRuns: 500 },
  ));
