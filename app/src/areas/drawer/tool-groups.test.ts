import { toolBody, type ToolBody } from '@pike-stone/contract';
import { TOOL_KINDS } from '@pike-stone/core';
import { fromRaw, resolverFor, toRaw } from './form-values';
import { ALL_SIZES, TOOL_KIND_WORDS, toolGroups, USUAL_SIZES } from './tool-groups';

const NEW: ToolBody = {
  name: 'Tool',
  kind: 'turning-tool',
  material: 'hss',
  dull: false,
  noseRadiusMm: 0.4,
  approachDeg: 90,
  cornerDeg: 80,
  note: '',
};
const labels = (kind: ToolBody['kind']) =>
  toolGroups({ kind }).flatMap(({ fields }) => fields.map(({ label }) => label));

test.each(TOOL_KINDS)(
  'a new %s is asked only what it has, and can be put in the drawer as it stands',
  (kind) => {
    const groups = toolGroups({ kind });
    for (const units of ['mm', 'inch'] as const) {
      // As the form does: a new tool begins as a turning tool, and its kind is chosen then.
      const raw = { ...toRaw({ ...USUAL_SIZES, ...NEW }, [...ALL_SIZES, ...toolGroups(NEW)], units), kind };
      expect(resolverFor(toolBody, () => groups, units, NEW)(raw).errors).toEqual({});
      const tool = toolBody.parse(fromRaw(raw, groups, units, NEW).body);
      expect(tool.kind).toBe(kind);
      const usual = Object.entries(USUAL_SIZES).filter(([size]) => size in tool);
      expect(tool).toMatchObject(
        Object.fromEntries(usual.map(([size, value]) => [size, expect.closeTo(value, 3)])),
      );
    }
    expect(TOOL_KIND_WORDS[kind].length).toBeGreaterThan(3);
  },
);

test('each kind has the sizes that are its own', () => {
  expect(labels('slitting-saw')).toEqual(
    expect.arrayContaining(['Diameter', 'Teeth', 'Thickness of the saw']),
  );
  expect(labels('slitting-saw')).not.toContain('Nose radius');
  expect(labels('end-mill')).toEqual(
    expect.arrayContaining(['Cuts at the centre', 'Coating', 'Length of flute']),
  );
  expect(labels('threading-tool')).toEqual(expect.arrayContaining(['Nose radius', 'Angle of the thread']));
  expect(labels('dovetail-cutter')).toContain('Angle of the dovetail, degrees');
  expect(labels('knurling-tool')).not.toContain('Diameter');
});

test('the angle of a thread is kept as a number', () => {
  const body = { ...NEW, kind: 'threading-tool', threadAngleDeg: 60 };
  const groups = toolGroups({ kind: 'threading-tool' });
  expect(
    fromRaw({ ...toRaw(body, groups, 'mm'), threadAngleDeg: '55' }, groups, 'mm', body).body.threadAngleDeg,
  ).toBe(55);
});
