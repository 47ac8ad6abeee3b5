/**
 * Exact conversion between the units met in a shop.
 *
 * Each unit belongs to one kind of quantity and has a factor to that kind's
 * base unit. International foot and pound (1959), horsepower of 550 ft.lbf/s,
 * metric horsepower of 75 kgf.m/s.
 */
export const MM_PER_INCH = 25.4;
const FOOT_IN_METRES = 0.3048;
const POUND_FORCE_IN_NEWTONS = 4.4482216152605;
const HORSEPOWER_IN_KW = 0.745699872;
const METRIC_HORSEPOWER_IN_KW = 0.73549875;

const KINDS = {
  length: { mm: 1, in: MM_PER_INCH, thou: MM_PER_INCH / 1000, um: 0.001, cm: 10, ft: FOOT_IN_METRES * 1000 },
  'surface speed': { 'm/min': 1, sfm: FOOT_IN_METRES, 'm/s': 60 },
  'feed rate': { 'mm/min': 1, 'in/min': MM_PER_INCH },
  'feed per turn': { 'mm/rev': 1, 'in/rev': MM_PER_INCH },
  power: { kW: 1, hp: HORSEPOWER_IN_KW, W: 0.001, PS: METRIC_HORSEPOWER_IN_KW },
  force: { N: 1, lbf: POUND_FORCE_IN_NEWTONS },
  torque: {
    Nm: 1,
    'lbf.ft': POUND_FORCE_IN_NEWTONS * FOOT_IN_METRES,
    'lbf.in': (POUND_FORCE_IN_NEWTONS * FOOT_IN_METRES) / 12,
  },
  'removal rate': { 'cm3/min': 1, 'in3/min': MM_PER_INCH ** 3 / 1000 },
} as const;

type UnitsOf<K> = K extends keyof typeof KINDS ? keyof (typeof KINDS)[K] : never;
export type Unit = UnitsOf<keyof typeof KINDS>;

export type UnitKind = keyof typeof KINDS;

const FACTORS = new Map<string, { readonly kind: UnitKind; readonly factor: number }>(
  (Object.keys(KINDS) as UnitKind[]).flatMap((kind) =>
    Object.entries(KINDS[kind]).map(([unit, factor]) => [unit, { kind, factor }] as const),
  ),
);
export const UNITS = [...FACTORS.keys()] as readonly Unit[];

function row(unit: Unit) {
  const found = FACTORS.get(unit);
  if (!found) throw new Error(`no unit called "${unit}"`);
  return found;
}

/** What a unit measures: two units convert when they measure the same. */
export const kindOfUnit = (unit: Unit): UnitKind => row(unit).kind;

/**
 * Converts a value between two units of the same kind.
 *
 * @example convert(100, 'sfm', 'm/min') // 30.48
 * @throws Error when a unit is unknown or the two measure different things
 */
export function convert(value: number, from: Unit, to: Unit): number {
  const [a, b] = [row(from), row(to)];
  if (a.kind !== b.kind) throw new Error(`${from} measures ${a.kind}, ${to} measures ${b.kind}`);
  return (value * a.factor) / b.factor;
}
