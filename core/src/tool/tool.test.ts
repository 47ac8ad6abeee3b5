import { TOOLS } from '../fixture';
import { rotates, TOOL_KINDS, withDiameter } from './tool';

test('a tool rotates when its own diameter cuts', () =>
  expect(TOOL_KINDS.filter((kind) => rotates(TOOLS[kind]))).toEqual([
    'drill',
    'centre-drill',
    'reamer',
    'end-mill',
    'face-mill',
    'fly-cutter',
    'slitting-saw',
    'form-cutter',
    't-slot-cutter',
    'dovetail-cutter',
  ]));

test('a measured diameter takes the place of the stored one, where there is one', () => {
  expect(withDiameter(TOOLS.drill, 8.6)).toEqual({ ...TOOLS.drill, diameterMm: 8.6 });
  expect(withDiameter(TOOLS.drill, null)).toBe(TOOLS.drill);
  expect(withDiameter(TOOLS['turning-tool'], 8.6)).toBe(TOOLS['turning-tool']);
});
