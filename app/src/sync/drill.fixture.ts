import type { ToolBody } from '@pike-stone/contract';

/** A plain drill of a name, for tests of what a device keeps and sends. */
export const drill = (name: string): ToolBody => ({
  kind: 'drill',
  name,
  material: 'hss',
  dull: false,
  diameterMm: 10,
  note: '',
});
