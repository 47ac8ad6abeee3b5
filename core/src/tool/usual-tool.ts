import type { ToolMaterialKey } from './tool-material';
import type { Tool, ToolKind } from './tool';

/** A tool as it is asked for in the shop: what it is, of what, and the one size it goes by. */
export interface ToolWish {
  readonly kind: ToolKind;
  readonly material: ToolMaterialKey;
  /** Diameter of a cutter, nose radius of a turning tool, bar of a boring bar, width of a blade or form, mm. */
  readonly sizeMm: number;
  /** Flutes or teeth; the usual number when null. */
  readonly teeth: number | null;
}

/** Kinds that go by no size. */
export const SIZELESS: readonly ToolKind[] = ['knurling-tool', 'file'];

/** Teeth of a cutter of a size when nobody says them: small face mills have three at least. */
const TEETH = {
  reamer: 6,
  'end-mill': 4,
  'fly-cutter': 1,
  't-slot-cutter': 6,
  'dovetail-cutter': 8,
} as const;
const FACE_MILL_MM_A_TOOTH = 12;
const SAW_TEETH_A_MM = 0.6;
const FORM_TEETH = 14;

/** Usual sizes of a tool over the size it goes by. */
const DRILL_FLUTE = 9;
const END_MILL_FLUTE = 2.2;
const FACE_MILL_EDGE_MM = 8;
const FACE_NOSE_MM = 0.8;
const SMALL_NOSE_MM = 0.4;
const THREAD_NOSE_MM = 0.1;
const SAW_MM = 1.6;
const HEAD_SHARE = 0.44;
const FORM_DEPTH_SHARE = 0.5;

/**
 * A tool with the sizes that such a tool usually has, from the one it goes by: enough
 * for a first answer without an entry in the drawer.
 *
 * @example usualTool({ kind: 'end-mill', material: 'hss', sizeMm: 12, teeth: null }, 'End mill 12') // 4 flutes, 26 mm of them
 */
export function usualTool({ kind, material, sizeMm, teeth }: ToolWish, name: string): Tool {
  const any = { name, material, dull: false };
  const isInsert = material.startsWith('carbide-');
  switch (kind) {
    case 'turning-tool':
      return { ...any, kind, noseRadiusMm: sizeMm, approachDeg: isInsert ? 95 : 93, cornerDeg: 80 };
    case 'boring-bar':
      return { ...any, kind, noseRadiusMm: SMALL_NOSE_MM, approachDeg: 93, cornerDeg: 80, barMm: sizeMm };
    case 'parting-blade':
      return { ...any, kind, widthMm: sizeMm };
    case 'threading-tool':
      return { ...any, kind, noseRadiusMm: THREAD_NOSE_MM, threadAngleDeg: 60 };
    case 'form-tool':
      return { ...any, kind, widthMm: sizeMm, depthMm: sizeMm * FORM_DEPTH_SHARE };
    case 'knurling-tool':
    case 'file':
      return { ...any, kind };
    case 'drill':
      return { ...any, kind, diameterMm: sizeMm, fluteLengthMm: sizeMm * DRILL_FLUTE };
    case 'centre-drill':
      return { ...any, kind, diameterMm: sizeMm };
    case 'reamer':
      return { ...any, kind, diameterMm: sizeMm, teeth: teeth ?? TEETH.reamer };
    case 'end-mill':
      return {
        ...any,
        kind,
        diameterMm: sizeMm,
        teeth: teeth ?? TEETH['end-mill'],
        fluteLengthMm: sizeMm * END_MILL_FLUTE,
      };
    case 'face-mill':
      return {
        ...any,
        kind,
        diameterMm: sizeMm,
        teeth: teeth ?? Math.max(3, Math.round(sizeMm / FACE_MILL_MM_A_TOOTH)),
        fluteLengthMm: FACE_MILL_EDGE_MM,
        noseRadiusMm: FACE_NOSE_MM,
        approachDeg: 45,
      };
    case 'fly-cutter':
      return {
        ...any,
        kind,
        diameterMm: sizeMm,
        teeth: teeth ?? TEETH['fly-cutter'],
        noseRadiusMm: SMALL_NOSE_MM,
        approachDeg: 90,
      };
    case 'slitting-saw':
      return {
        ...any,
        kind,
        diameterMm: sizeMm,
        teeth: teeth ?? Math.max(8, Math.round(sizeMm * SAW_TEETH_A_MM)),
        thicknessMm: SAW_MM,
      };
    case 'form-cutter':
      return { ...any, kind, diameterMm: sizeMm, teeth: teeth ?? FORM_TEETH, depthMm: sizeMm / 12 };
    case 't-slot-cutter':
      return {
        ...any,
        kind,
        diameterMm: sizeMm,
        teeth: teeth ?? TEETH['t-slot-cutter'],
        headHeightMm: sizeMm * HEAD_SHARE,
      };
    case 'dovetail-cutter':
      return {
        ...any,
        kind,
        diameterMm: sizeMm,
        teeth: teeth ?? TEETH['dovetail-cutter'],
        angleDeg: 60,
        slantHeightMm: sizeMm * HEAD_SHARE,
      };
  }
}

/** Sizes that a kind is bought in, mm and inch, the commonest of them; empty for kinds without a size. */
export function usualSizes(kind: ToolKind): {
  readonly mm: readonly number[];
  readonly inch: readonly number[];
} {
  return SIZES[kind];
}

const NONE = { mm: [], inch: [] } as const;
const BLADES = { mm: [1.5, 2, 3, 4], inch: [1 / 16, 3 / 32, 1 / 8] } as const;
const CUTTERS = {
  mm: [3, 4, 5, 6, 8, 10, 12, 16, 20],
  inch: [1 / 8, 3 / 16, 1 / 4, 5 / 16, 3 / 8, 1 / 2, 5 / 8, 3 / 4],
} as const;
const HEADS = { mm: [12, 16, 20, 25, 32], inch: [1 / 2, 3 / 4, 1] } as const;
const SIZES: Readonly<
  Record<ToolKind, { readonly mm: readonly number[]; readonly inch: readonly number[] }>
> = {
  'turning-tool': { mm: [0.2, 0.4, 0.8, 1.2], inch: [1 / 128, 1 / 64, 1 / 32, 3 / 64] },
  'boring-bar': { mm: [6, 8, 10, 12, 16, 20], inch: [1 / 4, 3 / 8, 1 / 2, 5 / 8, 3 / 4] },
  'parting-blade': BLADES,
  'threading-tool': NONE,
  'form-tool': { mm: [4, 6, 8, 10], inch: [1 / 8, 1 / 4, 3 / 8] },
  'knurling-tool': NONE,
  file: NONE,
  drill: { mm: [2, 3, 4, 5, 6, 7, 8, 10, 12], inch: [1 / 16, 1 / 8, 3 / 16, 1 / 4, 5 / 16, 3 / 8, 1 / 2] },
  'centre-drill': { mm: [2, 2.5, 3.15, 4], inch: [1 / 16, 5 / 64, 7 / 64, 1 / 8] },
  reamer: CUTTERS,
  'end-mill': CUTTERS,
  'face-mill': { mm: [40, 50, 63, 80, 100], inch: [1.5, 2, 2.5, 3, 4] },
  'fly-cutter': { mm: [50, 80, 120], inch: [2, 3, 5] },
  'slitting-saw': { mm: [63, 80, 100], inch: [2.5, 3, 4] },
  'form-cutter': { mm: [50, 60, 80], inch: [2, 2.5, 3] },
  't-slot-cutter': HEADS,
  'dovetail-cutter': HEADS,
};

/** What a kind of tool is made of, the usual first. */
export function usualMaterials(kind: ToolKind): readonly ToolMaterialKey[] {
  switch (kind) {
    case 'turning-tool':
    case 'boring-bar':
      return ['hss', 'carbide-coated', 'carbide-uncoated', 'brazed-carbide', 'hss-co'];
    case 'parting-blade':
    case 'threading-tool':
      return ['hss', 'carbide-coated', 'hss-co'];
    case 'face-mill':
      return ['carbide-coated', 'carbide-uncoated', 'hss'];
    case 'fly-cutter':
      return ['hss', 'carbide-coated', 'brazed-carbide'];
    case 'knurling-tool':
      return ['hss'];
    case 'file':
      return ['carbon-steel'];
    case 'form-tool':
    case 'centre-drill':
    case 'form-cutter':
      return ['hss', 'hss-co'];
    case 'drill':
    case 'reamer':
    case 'end-mill':
    case 'slitting-saw':
    case 't-slot-cutter':
    case 'dovetail-cutter':
      return ['hss', 'hss-co', 'solid-carbide'];
  }
}
