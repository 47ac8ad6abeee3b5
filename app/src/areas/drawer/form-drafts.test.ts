import { useFormDrafts } from './form-drafts';

const flat = {
  ...{ name: 'Bit', material: 'hss', dull: false, note: '' },
  ...{ diameterMm: 10, teeth: 1, fluteLengthMm: '12', noseRadiusMm: '0.2', approachDeg: 90, cornerDeg: '55' },
};

test('a form begun before tools had their own sizes goes on with what was typed', async () => {
  const drafts = {
    'tools/new/': { version: 0, raw: { ...flat, kind: 'threading-tool' } },
    'tools/1': { version: 4, raw: { ...flat, kind: 'form-tool', bladeMm: '8' } },
    'stock/new/': { version: 0, raw: { name: 'Bar' } },
  };
  localStorage.setItem('pike-form-drafts', JSON.stringify({ state: { drafts }, version: 0 }));
  await useFormDrafts.persist.rehydrate();
  expect(useFormDrafts.getState().drafts).toMatchObject({
    'tools/new/': { version: 0, raw: { kind: 'threading-tool', noseRadiusMm: '0.2', threadAngleDeg: '55' } },
    'tools/1': { version: 4, raw: { kind: 'form-tool', widthMm: '8', depthMm: '12' } },
    'stock/new/': { version: 0, raw: { name: 'Bar' } },
  });
});
