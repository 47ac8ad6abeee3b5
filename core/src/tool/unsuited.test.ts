import { TOOLS } from '../fixture';
import { material } from '../material/library';
import { unsuited } from './unsuited';

const knife = TOOLS['turning-tool'];

it.each([
  ['medium-carbon', knife, null],
  ['medium-carbon', { ...knife, dull: true }, 'dull'],
  ['medium-carbon', { ...knife, material: 'carbide-uncoated' }, 'soft-metals-only'],
  ['aluminium-wrought', { ...knife, material: 'carbide-uncoated' }, null],
  ['medium-carbon', { ...TOOLS.drill, material: 'carbide-uncoated' }, null],
  ['medium-carbon', { ...knife, material: 'carbide-coated' }, null],
  ['acetal', { ...knife, material: 'carbide-coated' }, 'no-gain'],
  ['aluminium-wrought', { ...TOOLS['end-mill'], coating: 'with-aluminium' }, 'coating-welds'],
  ['medium-carbon', { ...TOOLS['end-mill'], coating: 'with-aluminium' }, null],
] as const)('%s, %#', (metal, tool, why) => expect(unsuited(tool, material(metal))).toBe(why));
