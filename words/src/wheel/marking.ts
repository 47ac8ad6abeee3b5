import type {
  Abrasive,
  BondMark,
  GradeClass,
  GritClass,
  MarkingFault,
  StructureClass,
  WheelForm,
  WheelMarking,
} from '@pike-stone/core/wheel';

/** Abrasives as they are called. */
export const ABRASIVE_WORDS: Readonly<Record<Abrasive, string>> = {
  'grey-alumina': 'grey aluminium oxide',
  'white-alumina': 'white aluminium oxide',
  'pink-alumina': 'pink aluminium oxide',
  'green-silicon-carbide': 'green silicon carbide',
  cbn: 'cubic boron nitride',
  diamond: 'diamond',
};

export const FORM_WORDS: Readonly<Record<WheelForm, { readonly name: string; readonly about: string }>> = {
  straight: { name: 'straight', about: 'ground on at its front' },
  cup: { name: 'cup', about: 'ground on at its flat ring' },
  dish: { name: 'dish', about: 'thin ring, for corners' },
  'cut-off': { name: 'cutting disc', about: 'cuts off with its rim, never loaded from the side' },
  mounted: { name: 'stone on a shank', about: 'small; its maker says the speed for the overhang' },
};

const MARK_WORDS: Readonly<Record<WheelMarking['abrasiveName'], string>> = {
  'aluminium-oxide-brown-grey': 'brown or grey aluminium oxide, tough: for steel',
  'aluminium-oxide-white': 'white aluminium oxide, cool: for hardened steel',
  'aluminium-oxide-pink': 'pink aluminium oxide, a little tougher: holds a form',
  'aluminium-oxide-single-crystal': 'single-crystal aluminium oxide, sharp: for hard steel',
  'zirconia-alumina': 'zirconia alumina, very tough: for heavy roughing',
  'silicon-carbide-black': 'black silicon carbide: for iron and stone, not for steel',
  'silicon-carbide-green': 'green silicon carbide: roughs carbide',
};
const GRIT_WORDS: Readonly<Record<GritClass, string>> = {
  coarse: 'coarse: takes much, leaves a rough edge',
  medium: 'medium: shapes and roughs tools',
  fine: 'fine: finishes edges',
  'very-fine': 'very fine: nearly hones',
};
const GRADE_WORDS: Readonly<Record<GradeClass, string>> = {
  'extremely-soft': 'extremely soft',
  'very-soft': 'very soft',
  soft: 'soft: lets blunt grains go, for hard tools',
  medium: 'medium',
  hard: 'hard: holds its grains and its shape, glazes on hard tools',
  'very-hard': 'very hard',
  'extremely-hard': 'extremely hard',
};
const STRUCTURE_WORDS: Readonly<Record<StructureClass, string>> = {
  dense: 'dense: holds a form',
  medium: 'medium',
  open: 'open: room for chips, cool',
};
const BOND_WORDS: Readonly<Record<BondMark, string>> = {
  V: 'vitrified: it rings, and breaks when struck',
  B: 'resinoid: it does not ring; look for damage and its date',
  BF: 'resinoid with fibre: for cutting discs',
  R: 'rubber',
  RF: 'rubber with fibre',
  E: 'shellac',
  MG: 'magnesia',
  PL: 'plastic',
};

/** A field of a marking: what is printed, and what it means. */
export interface SaidField {
  readonly field: string;
  readonly printed: string;
  readonly means: string;
}

/** A marking field by field, in its order. */
export const sayMarking = (mark: WheelMarking): readonly SaidField[] => [
  ...(mark.prefix ? [{ field: 'Prefix', printed: mark.prefix, means: 'the maker’s own' }] : []),
  { field: 'Abrasive', printed: mark.abrasive, means: MARK_WORDS[mark.abrasiveName] },
  { field: 'Grit', printed: String(mark.grit), means: GRIT_WORDS[mark.gritClass] },
  { field: 'Grade', printed: mark.grade, means: GRADE_WORDS[mark.gradeClass] },
  mark.structure === null || mark.structureClass === null
    ? { field: 'Structure', printed: '–', means: 'not given' }
    : { field: 'Structure', printed: String(mark.structure), means: STRUCTURE_WORDS[mark.structureClass] },
  { field: 'Bond', printed: mark.bond, means: BOND_WORDS[mark.bond] },
  ...(mark.suffix ? [{ field: 'Suffix', printed: mark.suffix, means: 'the maker’s own' }] : []),
  mark.maxSpeedMPerS === null
    ? { field: 'Speed', printed: '–', means: 'not given: look for m/s or rpm on its label' }
    : { field: 'Speed', printed: `${mark.maxSpeedMPerS} m/s`, means: 'the most at its rim' },
];

/** Why a marking cannot be read, and what to do. */
export const MARKING_FAULTS: Readonly<Record<MarkingFault, string>> = {
  'bad-marking':
    'This cannot be read. In order: abrasive, grit, grade as a letter, structure, bond, speed, as in WA 60 J 8 V 35 m/s. Wheels of diamond and cubic boron nitride are marked otherwise: choose their abrasive.',
  'bad-grit': 'Grits run from 4 to 2000.',
  'bad-speed': 'The speed must be above 0 and not above 160 m/s.',
};
