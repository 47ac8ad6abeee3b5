import type {
  clockTrain,
  FormShape,
  FormSource,
  FormSourceKind,
  GearCandidate,
  GearData,
  patternRange,
  Piece,
  RadiusKind,
} from '@pike-stone/core/form';
import {
  CUTTER_RANGES,
  PATTERN_ALLOWANCE_MM,
  SURE_LEAD,
  cutterRange,
  gearOf,
  gearSizes,
  minus,
  pieceLength,
  toothThickness,
} from '@pike-stone/core/form';
import { DEG } from '@pike-stone/core';
import { sayLength } from '../forecast/row';
import { formatAngle, type UnitSystem } from '../format';
import { FINE_UNIT, sayFine } from './fine';

/** What a form is begun from. */
export const SOURCE_WORDS: Readonly<
  Record<FormSourceKind, { readonly name: string; readonly about: string }>
> = {
  gear: { name: 'A gear', about: 'its data, or found from teeth, diameter and spans; the cutter for it' },
  clock: { name: 'A clock train', about: 'ratio and centre distance: wheel and pinion' },
  thread: { name: 'A thread', about: 'the groove of an outside thread, 60° or 55°' },
  radius: { name: 'A radius', about: 'a round groove, a bead, a rounded edge' },
  chamfer: { name: 'A chamfer', about: 'a bevelled edge' },
  corners: { name: 'Lines and arcs', about: 'corners typed, or a DXF or SVG file' },
  points: { name: 'Measured points', about: 'a table, a CSV file or a photo; lines and arcs are fitted' },
};

export const RACK_WORDS: Readonly<Record<GearData['rack'], string>> = {
  'iso-53-a': '20°',
  'full-25': '25°',
  'older-14.5': '14½°, older',
  'older-20': '20°, older',
  'stub-20': '20° stub',
};

export const RADIUS_WORDS: Readonly<Record<RadiusKind, string>> = {
  groove: 'Round groove',
  bead: 'Bead',
  edge: 'Rounded edge',
};

export const THREAD_WORDS = { 'iso-60': '60°', 'form-55': '55°' } as const;

const number = (value: number, places = 3): string => String(Number(value.toFixed(places)));

/** Module or diametral pitch of a gear. */
export const sayPitch = ({ system, size }: Pick<GearData, 'system' | 'size'>): string =>
  system === 'module' ? `module ${number(size, 4)}` : `${number(size)} DP`;

/** What a form is begun from, in a few words that stand in a sentence. */
export function saySource(source: FormSource, units: UnitSystem): string {
  const size = (mm: number): string => sayLength(mm, units);
  switch (source.kind) {
    case 'gear': {
      const { gear } = source;
      const shift = gear.shift === 0 ? '' : `, shift ${number(gear.shift)}`;
      return `a gear, ${sayPitch(gear)}, ${gear.teeth} teeth, ${RACK_WORDS[gear.rack]}${shift}`;
    }
    case 'clock':
      return `the ${source.part} of a ${number(source.ratio)} to 1 clock train with ${source.leaves} leaves`;
    case 'thread':
      return `a ${THREAD_WORDS[source.form]} thread of ${size(source.pitchMm)} pitch`;
    case 'radius':
      return `a ${RADIUS_WORDS[source.shape].toLowerCase()} of ${size(source.radiusMm)} radius`;
    case 'chamfer':
      return `a chamfer of ${size(source.widthMm)} at ${formatAngle(source.angleDeg)}`;
    case 'corners':
      return `lines and arcs, ${source.corners.length} corners`;
    case 'points':
      return `${source.points.length} measured points within ${sayFine(source.toleranceMm, units)}`;
  }
}

/** Sizes of a form that are looked up at the machine, each with its label. */
export function sayFormSizes(
  shape: FormShape,
  source: FormSource,
  units: UnitSystem,
): readonly (readonly [label: string, text: string])[] {
  const size = (mm: number): string => sayLength(mm, units);
  const depth = ['Whole depth', size(shape.depthMm)] as const;
  if (source.kind === 'gear') {
    const gear = gearOf(source.gear);
    const sizes = gearSizes(gear);
    const tooth = toothThickness(gear, sizes.pitchMm / 2);
    return [
      ['Blank', size(sizes.outsideMm)],
      depth,
      ['Pitch circle', size(sizes.pitchMm)],
      ['Root', size(sizes.rootMm)],
      ['Tooth by gear caliper', `${size(tooth.chordMm)}, ${size(tooth.heightMm)} below the tip`],
    ];
  }
  if (shape.clock) {
    const { outsideMm, pitchMm, shapingRadiusMm, flankRad, tipWidthMm } = shape.clock;
    return [
      ['Blank', size(outsideMm)],
      depth,
      ['Pitch circle', size(pitchMm)],
      ['Flank of the cutter', `${formatAngle(flankRad / DEG)} each side`],
      ['Shaping radius', size(shapingRadiusMm)],
      ['Width at the tips', size(tipWidthMm)],
    ];
  }
  return [depth];
}

/** Size of a line or arc: its radius, or its length and how far it leans from the depth direction. */
export function sayPieceSize(piece: Piece, units: UnitSystem): string {
  if (piece.kind === 'arc') return `R ${sayLength(piece.radiusMm, units)}`;
  const [dx, dy] = minus(piece.to, piece.from);
  const leanDeg = Math.atan2(Math.abs(dx), Math.abs(dy)) / DEG;
  const long = sayLength(pieceLength(piece), units);
  return dx === 0 || dy === 0 ? long : `${long}, ${formatAngle(leanDeg, 1)}`;
}

/** Which cutter of the usual set of eight makes a count. */
export function sayCutterRange(teeth: number): string {
  const range = cutterRange(teeth);
  if (range === null)
    return 'Below 12 teeth no cutter of the set of eight makes it: draw the form for this count alone.';
  const to = range.toTeeth === null ? 'to a rack' : `to ${range.toTeeth}`;
  return `Number ${range.number} of the set of ${CUTTER_RANGES.length}: from ${range.fromTeeth} ${to} teeth, drawn for ${range.fromTeeth}.`;
}

/** Counts of teeth that may serve as the pattern of a gear. */
export const sayPatternRange = (
  { fromTeeth, toTeeth }: ReturnType<typeof patternRange>,
  units: UnitSystem,
): string =>
  `Within ${sayFine(PATTERN_ALLOWANCE_MM, units)} a pattern has ${fromTeeth} to ${toTeeth} teeth. Prefer fewer: more leave fat tips that bind.`;

/** What the bars of the patterns show. */
export const sayPatternBars = (units: UnitSystem): string =>
  `Error on the flank, in ${FINE_UNIT[units]}, by the teeth of the pattern; the line is ${sayFine(PATTERN_ALLOWANCE_MM, units)}. Fewer teeth cut the tips thin, which does little harm; more leave them fat, and they bind.`;

/** What a clock train comes to. */
export function sayTrain({ wheelTeeth, moduleMm, ratioError }: ReturnType<typeof clockTrain>): string {
  const ratio =
    ratioError === 0
      ? 'the ratio exactly'
      : `ratio ${Math.abs(ratioError).toFixed(3)} ${ratioError > 0 ? 'too high' : 'too low'}`;
  return `${wheelTeeth} teeth, module ${sayLength(moduleMm, 'mm')}, ${ratio}`;
}

/** A candidate for an unknown gear. */
export const sayCandidate = ({ system, size, gear }: GearCandidate): string =>
  `${sayPitch({ system, size })}, ${formatAngle(gear.rack.pressureAngleDeg)}${gear.rack.addendum < 1 ? ' stub' : ''}${gear.shift === 0 ? '' : `, shift ${number(gear.shift)}`}`;

/** How far it is from what was measured. */
export const sayResiduals = (one: GearCandidate, units: UnitSystem): string =>
  `outside ${sayFine(Math.abs(one.outsideResidualMm), units)} off, spans ${one.spanResidualsMm.map((mm) => sayFine(Math.abs(mm), units)).join(', ')} off`;

/** How sure the best candidate is. */
export function sayHowSure(candidates: readonly GearCandidate[], spans: number): string {
  const [best, next] = candidates;
  if (!best || !next) return '';
  if (next.score - best.score >= SURE_LEAD) return 'Sure: the next one fits far worse.';
  return spans < 2
    ? 'Not sure. Measure another span, one tooth more: the difference of the two is the base pitch, whatever the shift or the wear.'
    : 'Not sure: measure at a less worn place, or a third span.';
}
