import type { ToolBody } from './tool';

/** Sizes that every flat tool carried, whatever its kind. */
const FLAT_KEYS = ['diameterMm', 'teeth', 'fluteLengthMm', 'noseRadiusMm', 'approachDeg', 'cornerDeg'];
/** Nearer to 55 than to 60 a thread's angle meant the old inch form. */
const BETWEEN_FORMS_DEG = 57.5;

const ANY = ['name', 'material', 'dull', 'note'];
const CUTTING = [...ANY, 'rakeDeg', 'coating'];
const ROUND = [...CUTTING, 'diameterMm'];
const TOOTHED = [...ROUND, 'teeth'];

/** Sizes each kind keeps, and those it keeps under a name of its own. */
const KEPT: Readonly<
  Record<ToolBody['kind'], { readonly keys: readonly string[]; readonly renamed?: Record<string, string> }>
> = {
  'turning-tool': { keys: [...CUTTING, 'noseRadiusMm', 'approachDeg', 'cornerDeg', 'shankMm'] },
  'boring-bar': {
    keys: [...CUTTING, 'noseRadiusMm', 'approachDeg', 'cornerDeg'],
    renamed: { shankMm: 'barMm' },
  },
  'parting-blade': { keys: CUTTING, renamed: { bladeMm: 'widthMm' } },
  'threading-tool': { keys: [...CUTTING, 'noseRadiusMm'], renamed: { cornerDeg: 'threadAngleDeg' } },
  'form-tool': { keys: CUTTING, renamed: { bladeMm: 'widthMm', fluteLengthMm: 'depthMm' } },
  'knurling-tool': { keys: ANY },
  file: { keys: ANY },
  drill: { keys: [...ROUND, 'fluteLengthMm'] },
  'centre-drill': { keys: ROUND, renamed: { shankMm: 'bodyMm' } },
  reamer: { keys: TOOTHED },
  'end-mill': { keys: [...TOOTHED, 'fluteLengthMm', 'shankMm', 'centreCutting'] },
  'face-mill': { keys: [...TOOTHED, 'fluteLengthMm', 'noseRadiusMm', 'approachDeg', 'shankMm'] },
  'fly-cutter': { keys: [...TOOTHED, 'noseRadiusMm', 'approachDeg'] },
  'slitting-saw': { keys: TOOTHED, renamed: { bladeMm: 'thicknessMm' } },
  'form-cutter': { keys: TOOTHED, renamed: { bladeMm: 'widthMm', fluteLengthMm: 'depthMm' } },
  't-slot-cutter': { keys: [...TOOTHED, 'shankMm'], renamed: { bladeMm: 'headHeightMm' } },
  'dovetail-cutter': {
    keys: [...TOOTHED, 'shankMm'],
    renamed: { approachDeg: 'angleDeg', fluteLengthMm: 'slantHeightMm' },
  },
};

const isKind = (kind: unknown): kind is ToolBody['kind'] =>
  typeof kind === 'string' && Object.hasOwn(KEPT, kind);

/**
 * A tool as it was stored before each kind had its own sizes, brought into today's
 * shape; anything else comes back as it was. The database was brought along by
 * migration 002; this is for what waited on a device meanwhile.
 */
export function fromFlatTool(body: unknown): unknown {
  if (body === null || typeof body !== 'object') return body;
  const flat = body as Readonly<Record<string, unknown>>;
  if (!isKind(flat.kind) || !FLAT_KEYS.every((key) => key in flat)) return body;
  const { keys, renamed = {} } = KEPT[flat.kind];
  const pairs = [...keys.map((key) => [key, key] as const), ...Object.entries(renamed)];
  const kept = pairs.flatMap(([from, to]) => (flat[from] === undefined ? [] : [[to, flat[from]] as const]));
  const tool: Record<string, unknown> = { kind: flat.kind, ...Object.fromEntries(kept) };
  if ('threadAngleDeg' in tool)
    tool.threadAngleDeg = Number(tool.threadAngleDeg) < BETWEEN_FORMS_DEG ? 55 : 60;
  return tool;
}
