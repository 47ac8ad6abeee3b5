import {
  abrasiveFor,
  type Abrasive,
  type AbrasiveVerdict,
  type GroundMaterial,
  type WheelEnd,
  type WheelFault,
} from '@pike-stone/core/wheel';
import { formatLength, joined, type UnitSystem } from '../format';
import { listed } from '../list';

const MATERIAL_WORDS: Readonly<Record<GroundMaterial, string>> = {
  'carbon-steel': 'carbon steel',
  hss: 'HSS',
  carbide: 'carbide',
  'soft-steel': 'soft steel',
};

const WHY_NOT: Readonly<Partial<Record<Abrasive, string>>> = {
  diamond: 'carbon of the diamond dissolves in hot steel',
  'green-silicon-carbide': 'it dulls at once on steel; on carbide it roughs and chips the edge',
  cbn: 'it loads on soft steel',
};

/** What a wheel is for and what it must never touch. */
export function sayWhatFor(abrasive: Abrasive): { readonly good: string; readonly never: string } {
  const by = (verdict: AbrasiveVerdict): string[] =>
    (Object.keys(MATERIAL_WORDS) as GroundMaterial[])
      .filter((material) => abrasiveFor(material, abrasive) === verdict)
      .map((material) => MATERIAL_WORDS[material]);
  const [suitable, possible, never] = [by('suitable'), by('possible'), by('unsuitable')];
  const why = WHY_NOT[abrasive];
  return {
    good: [
      ...(suitable.length > 0 ? [`For ${listed(suitable)}.`] : []),
      ...(possible.length > 0 ? [`At a pinch for ${listed(possible)}.`] : []),
    ].join(' '),
    never: `Never ${listed([...never, 'aluminium', 'brass', 'copper', 'plastic', 'wood'])}${why ? `: ${why}` : ''}.`,
  };
}

/** A fault of a mounted wheel, and what to do about it. */
export const WHEEL_FAULT_WORDS: Readonly<Record<WheelFault, string>> = {
  'over-speed': 'This spindle runs faster than the wheel is rated: do not mount it.',
  'ring-test':
    'A vitrified wheel must ring clear: hang it up dry, tap with wood at 45° each side. Dull: do not mount it.',
  'flange-small': 'Flanges must be a third of the wheel at least, alike and recessed.',
  'rest-gap': 'Set the rest nearer, wheel stopped: work that is pulled in breaks the wheel.',
  'tongue-gap': 'Set the tongue guard nearer, wheel stopped.',
  'cut-off-side': 'A cutting disc is never loaded from the side.',
  'side-not-rated': 'Grind on the side only of a wheel that is made for it.',
  'no-face-protection': 'Face shield over glasses: dust and sparks go round a lens.',
  'no-breathing-protection': 'Mask and extraction: dust of wheel and tool is in the air.',
  gloves: 'No gloves at the wheel: they are pulled in.',
  'wrong-material': 'Soft metal, plastic and wood load and heat the wheel, and may burst it.',
};

/** What a wheel's rating says of its spindle. */
export const sayWheelSpeed = (
  speedMPerS: number,
  ratedMPerS: number | null,
  maxRpm: number | null,
): string => {
  const now = `${speedMPerS.toFixed(1)} m/s at its rim now`;
  if (maxRpm === null) return `${now}; not rated: look for m/s or rpm on its label before it runs`;
  const most = `${Math.floor(maxRpm / 10) * 10} rpm at the most`;
  return ratedMPerS === null ? `${now}; ${most}` : `${now}; rated ${ratedMPerS} m/s, ${most}`;
};

const END_WORDS: Readonly<Record<WheelEnd, string>> = {
  speed: 'below it the rim is too slow to cut well',
  flange: 'the flanges come too near',
  maker: 'its maker says so',
};

/** How much of a wheel is left. */
export function sayWheelLeft(diameterMm: number, leastMm: number, by: WheelEnd, units: UnitSystem): string {
  const size = (mm: number): string => joined(formatLength(mm, units));
  const least = Math.round(leastMm);
  return diameterMm < leastMm
    ? `Used up: ${size(least)} is the least, ${END_WORDS[by]}.`
    : `${size((diameterMm - least) / 2)} of its radius left; used up at ${size(least)}: ${END_WORDS[by]}.`;
}

/** A count as it is known: to ten above fifty. */
const roughly = (count: number): number => (count > 50 ? Math.round(count / 10) * 10 : count);

/** When a wheel is to be dressed next. */
export function sayDressDue(share: number | null, pieces: number | null, dressesLeft: number): string {
  if (share === null || pieces === null)
    return 'Needs no regular dress; clean it with its own stick when it loads.';
  const left =
    dressesLeft === 1 ? 'one dress is left in it' : `${roughly(dressesLeft)} dresses are left in it`;
  if (share >= 1) return `Dress it now, by what was ground since the last; ${left}.`;
  return `Dress it after about ${roughly(pieces)} more grinds; ${left}.`;
}

/** The rest after the wheel has worn. */
export function sayRestNow(
  before: { readonly tiltDeg: number; readonly diameterMm: number },
  now: { readonly reliefDeg: number; readonly asItStandsDeg: number; readonly tiltDeg: number },
  diameterMm: number,
  units: UnitSystem,
): string {
  const size = (mm: number): string => joined(formatLength(mm, units));
  const deg = (value: number): string => `${value.toFixed(1)}°`;
  const off = now.asItStandsDeg - now.reliefDeg;
  if (Math.abs(off) < 0.05)
    return `Set to ${deg(before.tiltDeg)} at ${size(before.diameterMm)}; the wear since changes nothing.`;
  return `Set to ${deg(before.tiltDeg)} at ${size(before.diameterMm)}. At ${size(diameterMm)} it grinds ${deg(now.asItStandsDeg)} instead of ${deg(now.reliefDeg)}: set the rest to ${deg(now.tiltDeg)}.`;
}

/** What is done and looked at before a wheel runs. */
export const MOUNTING_STEPS: readonly string[] = [
  'Unplug. Rating at least the spindle’s speed; never a dropped wheel.',
  'Bore slides on without force; a blotter each side, larger than the flange.',
  'Equal recessed flanges, a third of the wheel at least. Nut just tight enough to hold.',
  'Turn it by hand: nothing touches.',
  'Face shield over glasses, mask on; no gloves, loose sleeves or rings.',
  'Stand aside, nobody in line, and let it run a minute, guarded.',
];
