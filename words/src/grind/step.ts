import {
  honeBands,
  noseFlats,
  type BitPlan,
  type BitSteel,
  type GrindStep,
  type RestSetting,
} from '@pike-stone/core/grind';
import { formatAngle, formatLength, joined, type UnitSystem } from '../format';
import { capital } from '../capital';
import { CHECK_WORDS, STEP_NAMES, wheelFor } from './step-names';

/** One step at the wheel, said. */
export interface SaidStep {
  readonly title: string;
  readonly wheel: string;
  /** How the bit lies on the rest. */
  readonly hold: string;
  /** What the felt-pen mark must show, where to stop, and what the face is checked with besides the protractor. */
  readonly stop: string;
  /** A mistake that is often made here. */
  readonly mistake: string | null;
}

/** An angle that no hand sets apart from none, degrees. */
const LEVEL_DEG = 0.5;

const whole = (deg: number): string => formatAngle(Math.abs(deg), 0);

const isStraight = ({ turnDeg }: Pick<RestSetting, 'turnDeg'>): boolean => Math.abs(turnDeg) < LEVEL_DEG;

/** Which way the nose points: "nose 79° to your right". */
export const sayTurn = (setting: Pick<RestSetting, 'turnDeg'>): string =>
  isStraight(setting)
    ? 'nose straight at the wheel'
    : `nose ${whole(setting.turnDeg)} to your ${setting.turnDeg > 0 ? 'right' : 'left'}`;

const edgeOfRest = (tiltDeg: number): string =>
  Math.abs(tiltDeg) < LEVEL_DEG ? 'level' : tiltDeg > 0 ? 'your edge low' : 'your edge high';

/** How far the rest leans, and which of its edges is low. */
export const sayTilt = (tiltDeg: number): string =>
  Math.abs(tiltDeg) < LEVEL_DEG
    ? edgeOfRest(tiltDeg)
    : `${formatAngle(Math.abs(tiltDeg), 1)}, ${edgeOfRest(tiltDeg)}`;

/** A figure of a step to be read from afar. */
export interface StepFigure {
  readonly label: string;
  readonly figure: string;
  readonly about: string;
}

const tiltFigure = (tiltDeg: number): StepFigure => ({
  label: 'Rest tilt',
  figure: formatAngle(Math.abs(tiltDeg), 1),
  about: edgeOfRest(tiltDeg),
});

/** Turn, tilt or swing of a step, and what the protractor must read. */
export function sayStepFigures({ setting, swing, readings }: GrindStep): readonly StepFigure[] {
  const [reading, other] = readings;
  return [
    ...(setting
      ? [
          {
            label: 'Turn on the rest',
            figure: whole(setting.turnDeg),
            about: isStraight(setting)
              ? 'straight'
              : `nose to your ${setting.turnDeg > 0 ? 'right' : 'left'}`,
          },
          tiltFigure(setting.tiltDeg),
        ]
      : []),
    ...(swing
      ? [
          { label: 'Swing', figure: `${whole(swing.fromDeg)}–${whole(swing.toDeg)}`, about: 'left to right' },
          tiltFigure(swing.tiltDeg),
        ]
      : []),
    ...(reading
      ? [
          {
            label: 'Protractor',
            figure: formatAngle(reading.deg, 1),
            about: other ? `and ${formatAngle(other.deg, 1)} along` : 'must read',
          },
        ]
      : []),
  ];
}

/** How the bit lies: on its bottom, on a side, upside down. */
const sayRoll = ({ rollDeg }: RestSetting): string =>
  Math.abs(rollDeg) < 1
    ? 'flat on the rest, top up'
    : rollDeg > 0
      ? 'on its right side, top to your right'
      : 'on its left side, top to your left';

function hold(step: GrindStep): string {
  if (step.setting) return `${capital(sayRoll(step.setting))}, ${sayTurn(step.setting)}.`;
  if (step.swing)
    return `Flat on the rest. Swing it in one smooth sweep, from ${side(step.swing.fromDeg)} to ${side(step.swing.toDeg)}.`;
  switch (step.key) {
    case 'hollow-radius':
      return 'Hold the corner square against the round wheel, tilted back so that the hollow deepens under the edge.';
    case 'groove':
      return 'Draw the stone, or the sharp corner of a narrow wheel, along the edge; let the groove run out where the chip leaves.';
    default:
      return 'Lay the stone on edge and heel together, never rock it. Flank first, the top last with a few strokes.';
  }
}

const side = (deg: number): string =>
  Math.abs(deg) < 1 ? 'straight' : `${whole(deg)} ${deg > 0 ? 'right' : 'left'}`;

/** Stock that a stone takes before one looks, and how far a corner of a nose may stand off, mm and μm. */
const STONE_MM = 0.02;
const CORNER_UM = 10;

/** The stones in their order, and what they must show on a hollow face or a flat one. */
function honed({ wheel, blank }: BitPlan, size: (mm: number) => string): string {
  const stones =
    'Stones of 600 to 800, then 1000 to 1200, then a fine natural one: stay until the marks before are gone.';
  if (!wheel.hollow) return `${stones} Stop when no light comes from the edge line.`;
  const { bandMm } = honeBands(blank.heightMm, wheel.diameterMm / 2, STONE_MM);
  return `${stones} Two bright bands of about ${size(Math.round(bandMm * 10) / 10)}, unbroken, and no light from the edge line.`;
}

function stop(step: GrindStep, plan: BitPlan, units: UnitSystem): string {
  const size = (mm: number): string => joined(formatLength(mm, units));
  switch (step.key) {
    case 'hone':
      return honed(plan, size);
    case 'nose': {
      const { flats } = noseFlats(plan.noseRadiusMm, step.swing!.toDeg - step.swing!.fromDeg, CORNER_UM);
      return `A radius of ${size(plan.noseRadiusMm)}: ${flats <= 1 ? 'one small flat' : `${flats} small flats`} first, then roll from flank to flank.`;
    }
    case 'groove':
      return plan.groove
        ? `Leave a land of ${size(plan.groove.landMm)}; groove ${size(plan.groove.widthMm)} wide.`
        : '';
    case 'arc':
    case 'hollow-radius':
      return `Hold the ${size(plan.sizes.radiusMm)} gauge against the light: none comes through from end to end.`;
    case 'rake':
      return 'Stop when the pen mark on the top is gone to a hair short of the edge. Do not grind into the nose: it would come too low.';
    case 'point':
      return `A flat of ${size(plan.sizes.flatMm)}, no wider.`;
    case 'heel-front':
    case 'heel-left':
    case 'heel-right':
      return plan.heel
        ? `Stop with a land of ${size(plan.heel.landMm)} of the first clearance left under the edge.`
        : '';
    default:
      return 'Stop when the pen mark is gone evenly from heel to a hair short of the edge.';
  }
}

const MISTAKES: Readonly<Partial<Record<GrindStep['key'], string>>> = {
  side: 'Several facets on one face: move across the whole wheel and keep the turn.',
  front: 'Front clearance doubled by tilting both the rest and the hand.',
  rake: 'Rake ground into the nose, which then stands too low.',
  left: 'Half angles unequal: look through the gauge before the second flank.',
  right: 'Half angles unequal: look through the gauge before the point.',
  arc: 'Clearance lost at the flanks of the arc: keep the rest, not the hand.',
  'heel-front': 'Land ground away: the second clearance then becomes the first.',
  nose: 'A flat left at the middle of the nose.',
  hone: 'Edge rounded over by rocking the stone.',
};

/** A step at the wheel in words. */
export const sayStep = (step: GrindStep, plan: BitPlan, material: BitSteel, units: UnitSystem): SaidStep => ({
  title: step.key === 'hone' ? 'Hone the edge' : `Grind the ${lower(STEP_NAMES[step.key])}`,
  wheel: wheelFor(step.wheel, material),
  hold: hold(step),
  stop: `${stop(step, plan, units)}${step.check === 'protractor' ? '' : ` Check: ${CHECK_WORDS[step.check]}.`}`,
  mistake: mistakeAt(step.key),
});

function mistakeAt(key: GrindStep['key']): string | null {
  const mistake = MISTAKES[key];
  return mistake === undefined ? null : `Often wrong: ${lower(mistake)}`;
}

const lower = (text: string): string => text[0]!.toLowerCase() + text.slice(1);

/** What a phone that lies on the tool rest reads, beside what is wanted. */
export const sayPhoneTilt = (tiltDeg: number, wantedDeg: number): string =>
  `Lay it flat on the rest, its top to the wheel, the wheel standing still: it reads ${formatAngle(tiltDeg, 1)}, wanted ${formatAngle(wantedDeg, 1)}.`;

/** What a finished edge must show under a lens. */
export const sayLensChecks = ({ wheel }: BitPlan): readonly string[] => [
  'Under a lens of ten times: no notch in the edge, no burr on a nail or on paper.',
  'The edge line reflects no light; a bright line is a blunt place.',
  ...(wheel.hollow ? ['Two bright bands, along edge and heel, unbroken from end to end.'] : []),
  'Scratches run the way the chip flows, never across it.',
];

export type HeatSchool = 'air' | 'dip';

/** The two schools of keeping high speed steel cool. */
export const HEAT_SCHOOLS: Readonly<Record<HeatSchool, { readonly name: string; readonly about: string }>> = {
  air: {
    name: 'In air',
    about:
      'Usual here: HSS stands heat that spoils carbon steel, and a hot bit that is dipped cracks at its edge.',
  },
  dip: {
    name: 'Dip often',
    about:
      'The other school: every few seconds from the start, while it is only warm, so that it can be held.',
  },
};

/** How to keep the tip cool, by what it is made of and the school of the shop. */
export function sayHeat(material: BitSteel, school: HeatSchool): string {
  if (material === 'brazed-carbide')
    return 'Never dip carbide: it cracks. Green or diamond wheel, light and dry.';
  if (material === 'carbon-steel')
    return 'Dip every few seconds, before any colour shows: straw already means a softer edge.';
  return school === 'dip'
    ? 'Dip often from the start, while it is only warm. Never dip it red or blue: it cracks.'
    : 'HSS need not be dipped: pause and let it cool in air. Never quench it red or blue.';
}

/** The caution of a step. */
export function sayStepCaution(step: GrindStep, material: BitSteel): string {
  if (material === 'brazed-carbide')
    return 'Carbide dust harms the lungs: respirator and extraction, face shield, nothing blown off.';
  switch (step.wheel) {
    case 'stone':
      return 'The edge is sharp: stroke the stone along it or from it, never toward your fingers.';
    case 'narrow':
      return 'Face shield. A cutting disc is never loaded from the side.';
    case 'round':
      return 'Face shield. Small wheels are run at their own rated speed; hold the bit in a holder.';
    default:
      return 'Face shield. Rest within 3 mm of the wheel, set only with the wheel standing still. No gloves.';
  }
}

/** Said at the first step: layout ink shows what the wheel has touched. */
export const INK_FIRST = 'Ink the face first.';

/** What comes first always. */
export const GRINDER_FIRST =
  'The grinder’s manual and local rules come first; when in doubt ask a competent person.';
