import {
  cutterRange,
  patternError,
  type FormKept,
  type FormShape,
  type FormSource,
  type FormTool,
  type FormToolKind,
  type MakingWay,
} from '@pike-stone/core/form';
import { unlessRefused } from '@pike-stone/core';
import type { CutterSteel } from '@pike-stone/core/setting';
import { sayLength } from '../forecast/row';
import { formatAngle, type UnitSystem } from '../format';
import { sayFine } from './fine';
import { sayPitch } from './source';

export const FORM_TOOL_WORDS: Readonly<
  Record<FormToolKind, { readonly name: string; readonly about: string }>
> = {
  fly: { name: 'Fly cutter', about: 'one tooth in an arbor: quick to make, for under twenty wheels' },
  multi: { name: 'Relieved cutter', about: 'several teeth, sharpened on their faces' },
  flat: { name: 'Flat form tool', about: 'for turning: plunged in from the side' },
  circular: { name: 'Circular form tool', about: 'for turning: a ring with a face, sharpened all round' },
};

export const WAY_WORDS: Readonly<Record<MakingWay, { readonly name: string; readonly about: string }>> = {
  slides: { name: 'Slide table', about: 'a round wheel or stone brought to stops by two dials' },
  stones: { name: 'Tapered stones', about: 'each hollow by a stone, its height sets radius and relief' },
  swing: { name: 'Swinging fixture', about: 'the blank swings under a wheel at a set radius' },
};

export const STEEL_WORDS: Readonly<Record<CutterSteel, string>> = {
  'carbon-1.0': '1 % carbon steel, water',
  'silver-steel': 'Silver steel, water',
  'oil-hardening': 'Oil-hardening steel, oil',
};

/** The tool of a form, in a few words that stand in a sentence. */
export function sayFormTool(tool: FormTool, units: UnitSystem): string {
  const size = (mm: number): string => sayLength(mm, units);
  switch (tool.kind) {
    case 'fly':
      return `a fly cutter of ${size(tool.swingMm)} swing`;
    case 'multi':
      return `a relieved cutter of ${size(tool.diameterMm)}, ${tool.teeth} teeth`;
    case 'flat':
      return `a flat tool, down to R ${size(tool.smallestMm)}`;
    case 'circular':
      return `a circular tool of ${size(2 * tool.toolRadiusMm)}, down to R ${size(tool.smallestMm)}`;
  }
}

/** Its rake and clearance. */
export function sayWedge(tool: FormTool): string {
  const rake = tool.rakeDeg === 0 ? 'no rake' : `${formatAngle(tool.rakeDeg, 1)} rake`;
  return tool.kind === 'multi'
    ? `${rake}, ${formatAngle(tool.reliefDeg, 1)} relief`
    : `${rake}, ${formatAngle(tool.clearanceDeg, 1)} clearance`;
}

/** Teeth that a gear cutter serves: its own count, or the range whose fewest teeth it is drawn for. */
function sayServes(wanted: number, drawn: number): string {
  const range = cutterRange(wanted);
  if (range === null || drawn !== range.fromTeeth) return `for ${wanted} teeth`;
  return `for ${range.fromTeeth} ${range.toTeeth === null ? 'teeth and more' : `to ${range.toTeeth} teeth`}`;
}

/** What is to be read beside a form cutter in the drawer: the counts it serves, its error, its sharpenings. */
export function sayCutterNote(
  source: FormSource,
  shape: FormShape,
  sharpenings: number,
  units: UnitSystem,
): string {
  const left = `about ${sharpenings} sharpenings left`;
  if (source.kind !== 'gear' || !shape.gear) return left;
  const { wanted, drawn } = shape.gear;
  const served = `${sayPitch(source.gear)}, ${sayServes(wanted.teeth, drawn.teeth)}`;
  if (wanted.teeth === drawn.teeth) return `${served}; ${left}`;
  const worst = unlessRefused(() => patternError(wanted, drawn.teeth).maxMm, null);
  const error = worst === null ? '' : `; error up to ${sayFine(worst, units)} at ${wanted.teeth} teeth`;
  return `${served}${error}; ${left}`;
}

/** How a tool is sharpened so that its form stays. */
export const FORM_KEPT_WORDS: Readonly<Record<FormKept, string>> = {
  'same-angle': 'Grind the face at the same angle: the form stays all its life.',
  'face-below-axis':
    'Grind the face at the same distance below the axis and turn it up to height: the form stays.',
  'face-radial': 'Grind the face through the axis: the form stays.',
  'keep-offset': 'Keep the offset of the face from the axis, not the angle: the form nearly stays.',
  'reset-swing': 'Grind the face, then set the swing again: the form stays.',
  'edge-moves-in':
    'A tapered stone leaves relief all round, so the edge moves in: hollows grow, rounds shrink.',
};
