import type { ToolBody } from '@pike-stone/contract';
import { USUAL_SIZES } from '../tool-groups';

/** A field of a tool's form that is a figure on its drawing. */
export type SizeKey =
  | 'diameterMm'
  | 'teeth'
  | 'fluteLengthMm'
  | 'noseRadiusMm'
  | 'approachDeg'
  | 'cornerDeg'
  | 'threadAngleDeg'
  | 'depthMm'
  | 'slantHeightMm'
  | 'angleDeg'
  | 'shankMm'
  | 'barMm'
  | 'bodyMm'
  | 'widthMm'
  | 'thicknessMm'
  | 'headHeightMm'
  | 'collarMm';

export type Sizes = Readonly<Record<SizeKey, number>>;

/** Sizes that a tool usually has beside those of a new form. */
const USUAL: Partial<Sizes> = { ...USUAL_SIZES, widthMm: 2, thicknessMm: 2, headHeightMm: 8 };

/** The sizes of a tool for its drawing: what it has, else what such a tool usually has. */
export function sizesOf(body: Readonly<Record<string, unknown>>): Sizes {
  const has = (key: SizeKey): number | undefined => {
    const value = body[key];
    return typeof value === 'number' && Number.isFinite(value) && value > 0 ? value : USUAL[key];
  };
  const diameterMm = has('diameterMm') ?? 10;
  const round: Partial<Sizes> = {
    shankMm: has('shankMm') ?? (body.kind === 'turning-tool' ? 12 : Math.min(diameterMm, 20)),
    bodyMm: has('bodyMm') ?? diameterMm * 2.5,
    barMm: has('barMm') ?? 12,
    collarMm: has('collarMm') ?? diameterMm / 3,
    fluteLengthMm: has('fluteLengthMm') ?? diameterMm * 3,
  };
  const keys: readonly SizeKey[] = [
    'teeth',
    'noseRadiusMm',
    'approachDeg',
    'cornerDeg',
    'threadAngleDeg',
    'depthMm',
    'slantHeightMm',
    'angleDeg',
    'widthMm',
    'thicknessMm',
    'headHeightMm',
  ];
  return {
    ...(Object.fromEntries(keys.map((key) => [key, has(key) ?? 1])) as unknown as Sizes),
    ...round,
    diameterMm,
  };
}

/** Kinds that are drawn; a knurl and a file have no size to touch. */
export const isDrawn = (kind: unknown): kind is Exclude<ToolBody['kind'], 'knurling-tool' | 'file'> =>
  typeof kind === 'string' && kind !== 'knurling-tool' && kind !== 'file';

/** The sizes that a tool says itself. */
export const knownSizes = (body: Readonly<Record<string, unknown>>): ReadonlySet<SizeKey> =>
  new Set(Object.keys(body).filter((key) => typeof body[key] === 'number') as SizeKey[]);
