import type { ToolBody } from '@pike-stone/contract';

const tool = (name: string, kind: ToolBody['kind'], material: ToolBody['material'], more: Partial<ToolBody> = {}): ToolBody => ({
  name, kind, material, dull: false, diameterMm: 10, teeth: 1, fluteLengthMm: 30, noseRadiusMm: 0.4, approachDeg: 90, cornerDeg: 80, note: '', ...more,
});
const drill = (name: string, diameterMm: number, material: ToolBody['material'] = 'hss', more: Partial<ToolBody> = {}) =>
  tool(name, 'drill', material, { diameterMm, teeth: 2, fluteLengthMm: diameterMm * 9, ...more });
const endMill = (name: string, diameterMm: number, teeth: number, material: ToolBody['material'], more: Partial<ToolBody> = {}) =>
  tool(name, 'end-mill', material, { diameterMm, teeth, fluteLengthMm: diameterMm * 2.2, ...more });

export const TOOLS: readonly ToolBody[] = [
  tool('HSS knife tool', 'turning-tool', 'hss', { shankMm: 12, noseRadiusMm: 0.4, approachDeg: 93, cornerDeg: 70 }),
  tool('HSS round nose', 'turning-tool', 'hss', { noseRadiusMm: 1.5, approachDeg: 75, cornerDeg: 90 }),
  tool('HSS roughing bit, 60° approach', 'turning-tool', 'hss', { noseRadiusMm: 0.8, approachDeg: 60, cornerDeg: 90 }),
  tool('Cobalt bit for the hard bars', 'turning-tool', 'hss-co', { noseRadiusMm: 0.5, approachDeg: 85 }),
  tool('Worn knife tool', 'turning-tool', 'hss', { noseRadiusMm: 0.3, dull: true, note: 'To be ground.' }),
  tool('Brazed carbide, cast iron', 'turning-tool', 'brazed-carbide', { shankMm: 20, noseRadiusMm: 0.8, approachDeg: 75, cornerDeg: 90 }),
  tool('Coated insert 0.8', 'turning-tool', 'carbide-coated', { shankMm: 16, noseRadiusMm: 0.8, approachDeg: 95 }),
  tool('Coated insert 0.4', 'turning-tool', 'carbide-coated', { noseRadiusMm: 0.4, approachDeg: 95 }),
  tool('Polished ground insert 0.4', 'turning-tool', 'carbide-uncoated', { noseRadiusMm: 0.4, approachDeg: 91, cornerDeg: 55 }),
  drill('Drill 5.1', 5.1),
  drill('Drill 8.5', 8.5),
  drill('Drill F', 6.5278),
  drill('Drill 1/2 in', 12.7),
  drill('Drill 20, taper shank', 20),
  drill('Carbide drill 10', 10, 'solid-carbide'),
  endMill('HSS end mill 6, 3 flutes', 6, 3, 'hss'),
  endMill('HSS end mill 12, 4 flutes', 12, 4, 'hss', { centreCutting: false }),
  endMill('HSS slot drill 10', 10, 2, 'hss', { centreCutting: true }),
  endMill('HSS end mill 20, 4 flutes', 20, 4, 'hss', { note: 'Reground twice; measures 19.8.', diameterMm: 19.8, shankMm: 20 }),
  endMill('Carbide end mill 8, 4 flutes', 8, 4, 'solid-carbide'),
  tool('Face mill 50, coated inserts', 'face-mill', 'carbide-coated', { diameterMm: 50, teeth: 4, fluteLengthMm: 8, approachDeg: 45 }),
  tool('Face mill 63, ground inserts', 'face-mill', 'carbide-uncoated', { diameterMm: 63, teeth: 5, fluteLengthMm: 8, approachDeg: 45 }),
  tool('HSS boring bar 12', 'boring-bar', 'hss', { noseRadiusMm: 0.3, approachDeg: 85, shankMm: 12 }),
  tool('Boring bar 16, ground insert 0.4', 'boring-bar', 'carbide-uncoated', { noseRadiusMm: 0.4, approachDeg: 93, cornerDeg: 55, shankMm: 16 }),
  tool('HSS parting blade 2', 'parting-blade', 'hss', { bladeMm: 2 }),
  tool('Parting insert 3', 'parting-blade', 'carbide-coated', { bladeMm: 3 }),
  tool('Reamer 12', 'reamer', 'hss', { diameterMm: 12, teeth: 6, fluteLengthMm: 50 }),
  tool('Threading bit 60°', 'threading-tool', 'hss', { noseRadiusMm: 0.15, cornerDeg: 60 }),
  tool('Radius form tool 6', 'form-tool', 'hss', { bladeMm: 12, fluteLengthMm: 3, note: 'Concave, for the rims of handles.' }),
  tool('Knurling wheels, diamond', 'knurling-tool', 'hss'),
  tool('Mill file and cloth', 'file', 'carbon-steel'),
  tool('Centre drill 3.15', 'centre-drill', 'hss', { diameterMm: 3.15, shankMm: 8, teeth: 2 }),
  tool('Fly cutter 80, HSS bit', 'fly-cutter', 'hss', { diameterMm: 80, noseRadiusMm: 1.5, approachDeg: 75 }),
  tool('Slitting saw 80 × 1.6', 'slitting-saw', 'hss', { diameterMm: 80, teeth: 48, bladeMm: 1.6 }),
  tool('Convex cutter 63, radius 4', 'form-cutter', 'hss', { diameterMm: 63, teeth: 12, bladeMm: 8, fluteLengthMm: 4 }),
  tool('T-slot cutter 25 × 11', 't-slot-cutter', 'hss', { diameterMm: 25, teeth: 6, bladeMm: 11, shankMm: 16 }),
  tool('Dovetail cutter 25, 60°', 'dovetail-cutter', 'hss', { diameterMm: 25, teeth: 8, approachDeg: 60, fluteLengthMm: 10, shankMm: 12 }),
  endMill('Coated end mill 10, 3 flutes', 10, 3, 'solid-carbide', { centreCutting: true, coating: 'with-aluminium' }),
];
