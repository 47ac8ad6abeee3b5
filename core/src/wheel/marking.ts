/** Abrasives of bonded wheels: the letters of ISO 525, and of trade usage. */
export const ABRASIVE_MARKS = {
  A: 'aluminium-oxide-brown-grey',
  WA: 'aluminium-oxide-white',
  PA: 'aluminium-oxide-pink',
  SA: 'aluminium-oxide-single-crystal',
  Z: 'zirconia-alumina',
  ZA: 'zirconia-alumina',
  C: 'silicon-carbide-black',
  GC: 'silicon-carbide-green',
} as const;
export type AbrasiveMark = keyof typeof ABRASIVE_MARKS;

/** Bonds of ISO 525. */
export const BOND_MARKS = {
  V: 'vitrified',
  B: 'resinoid',
  BF: 'resinoid-reinforced',
  R: 'rubber',
  RF: 'rubber-reinforced',
  E: 'shellac',
  MG: 'magnesia',
  PL: 'plastic',
} as const;
export type BondMark = keyof typeof BOND_MARKS;

export type GritClass = 'coarse' | 'medium' | 'fine' | 'very-fine';
export type StructureClass = 'dense' | 'medium' | 'open';
export type GradeClass =
  'extremely-soft' | 'very-soft' | 'soft' | 'medium' | 'hard' | 'very-hard' | 'extremely-hard';

/** The marking of a bonded wheel, field by field; null where it does not say. */
export interface WheelMarking {
  /** The maker's own figures before the abrasive. */
  readonly prefix: string | null;
  readonly abrasive: AbrasiveMark;
  readonly abrasiveName: (typeof ABRASIVE_MARKS)[AbrasiveMark];
  readonly grit: number;
  readonly gritClass: GritClass;
  /** A is the softest bond, Z the hardest. */
  readonly grade: string;
  readonly gradeClass: GradeClass;
  /** 0 is dense; the higher, the more open. */
  readonly structure: number | null;
  readonly structureClass: StructureClass | null;
  readonly bond: BondMark;
  readonly bondName: (typeof BOND_MARKS)[BondMark];
  readonly suffix: string | null;
  readonly maxSpeedMPerS: number | null;
}

/** Why a marking cannot be read. */
export type MarkingFault = 'bad-marking' | 'bad-grit' | 'bad-speed';

/** Grits of ISO 525, and the highest speed that a marking may give, m/s. */
const GRIT = [4, 2000] as const;
const MOST_SPEED = 160;

/** Upper ends of the classes, from below. */
const GRIT_CLASSES: readonly (readonly [number, GritClass])[] = [
  [24, 'coarse'],
  [60, 'medium'],
  [220, 'fine'],
  [Infinity, 'very-fine'],
];
const GRADE_CLASSES: readonly (readonly [string, GradeClass])[] = [
  ['D', 'extremely-soft'],
  ['G', 'very-soft'],
  ['K', 'soft'],
  ['O', 'medium'],
  ['S', 'hard'],
  ['W', 'very-hard'],
  ['Z', 'extremely-hard'],
];
const STRUCTURE_CLASSES: readonly (readonly [number, StructureClass])[] = [
  [4, 'dense'],
  [8, 'medium'],
  [Infinity, 'open'],
];

const classOf = <Value, Class>(classes: readonly (readonly [Value, Class])[], value: Value): Class =>
  classes.find(([most]) => value <= most)![1];

/** Codes of a table, longer ones first, so that BF is not read as B. */
const codes = (table: object): string =>
  Object.keys(table)
    .sort((a, b) => b.length - a.length)
    .join('|');

const FIELDS = new RegExp(
  `^(\\d{0,3})(${codes(ABRASIVE_MARKS)})(\\d{1,4})([A-Z])(\\d{0,2})(${codes(BOND_MARKS)})(.*)$`,
);

/**
 * Reads the marking of a bonded wheel, fields in the order of ISO 525: the maker's prefix, abrasive,
 * grit, grade, structure, bond, the maker's suffix, highest speed. Wheels of diamond and cubic boron
 * nitride are marked by ISO 6104 and are not read.
 *
 * @returns a fault when it cannot be read
 * @example readMarking('51 A 36 L 5 V 23').grade // 'L'
 */
export function readMarking(text: string): WheelMarking | MarkingFault {
  const upper = text.toUpperCase();
  const speed = /([\d.]+)\s*M\/S\s*$/.exec(upper);
  const maxSpeedMPerS = speed ? Number(speed[1]) : null;
  if (maxSpeedMPerS !== null && !(maxSpeedMPerS > 0 && maxSpeedMPerS <= MOST_SPEED)) return 'bad-speed';
  const fields = FIELDS.exec((speed ? upper.slice(0, speed.index) : upper).replace(/[\s\-–/]/g, ''));
  if (!fields) return 'bad-marking';
  const [, prefix, abrasive, gritText, grade, structureText, bond, suffix] = fields as unknown as readonly [
    string,
    string,
    AbrasiveMark,
    string,
    string,
    string,
    BondMark,
    string,
  ];
  const grit = Number(gritText);
  if (!(grit >= GRIT[0] && grit <= GRIT[1])) return 'bad-grit';
  const structure = structureText === '' ? null : Number(structureText);
  return {
    prefix: prefix || null,
    abrasive,
    abrasiveName: ABRASIVE_MARKS[abrasive],
    grit,
    gritClass: classOf(GRIT_CLASSES, grit),
    grade,
    gradeClass: classOf(GRADE_CLASSES, grade),
    structure,
    structureClass: structure === null ? null : classOf(STRUCTURE_CLASSES, structure),
    bond,
    bondName: BOND_MARKS[bond],
    suffix: suffix || null,
    maxSpeedMPerS,
  };
}
