import { unlessRefused } from '../quantity/out-of-range';
import { heatLimit, steelHeat, tipOf, type BitSteel } from '../grind/bit-heat';
import { tipAfter, tipTemperature, type HeatSpell, type TipHeat } from '../grind/tip-temperature';
import { surfaceRise } from './surface-rise';
import { hardnessAfter, temperColour, type TemperSteel } from './temper';

/** What is ground, on what, how hard it is pressed and when it rests. */
export interface HeatQuestion {
  readonly steel: BitSteel;
  /** Side of a square bit. */
  readonly sideMm: number;
  readonly wheelMm: number;
  readonly forceN: number;
  /** Share of the heat that goes into the tool, by the wheel. */
  readonly heatShare: number;
  readonly grindS: number;
  readonly pauseS: number;
  /** 0 for none. */
  readonly dipS: number;
  readonly times: number;
}

/** Depth of the strip that touches the wheel, mm. */
const STRIP_MM = 3;
/** Hardness of a hardened tool, HRC. */
const FRESH_HRC = 64;
const POINTS_A_SPELL = 12;

/** The schedule, spell by spell. */
function scheduleOf({ grindS, pauseS, dipS, times }: HeatQuestion): readonly HeatSpell[] {
  const cycle: readonly HeatSpell[] = [
    { kind: 'grind', seconds: grindS },
    ...(dipS > 0 ? [{ kind: 'dip' as const, seconds: dipS }] : []),
    ...(pauseS > 0 ? [{ kind: 'pause' as const, seconds: pauseS }] : []),
  ];
  return Array.from({ length: times }, () => cycle).flat();
}

export interface HeatPoint {
  readonly s: number;
  readonly c: number;
}
/** A spell of the schedule with the temperatures over it. */
export interface DrawnSpell {
  readonly kind: HeatSpell['kind'];
  readonly points: readonly HeatPoint[];
}

/** Temperatures of the tip over a schedule, spell by spell. */
function drawn(tip: TipHeat, schedule: readonly HeatSpell[]): readonly DrawnSpell[] {
  let [s, c] = [0, tip.startC];
  return schedule.map(({ kind, seconds }) => {
    const points = Array.from({ length: POINTS_A_SPELL + 1 }, (_, i): HeatPoint => {
      const part = (seconds * i) / POINTS_A_SPELL;
      return { s: s + part, c: tipAfter(tip, c, { kind, seconds: part }) };
    });
    ({ s, c } = points.at(-1)!);
    return { kind, points };
  });
}

const temperedAs = (steel: BitSteel): TemperSteel | null =>
  steel === 'carbon-steel' ? 'carbon-steel' : steel === 'brazed-carbide' ? null : 'hss';

/**
 * The tip over a schedule as a picture: its mean temperature, the skin under the wheel, the colour that
 * the skin takes and the hardness that is left. An estimate: a thin edge is hotter than either.
 */
export function heatPicture(question: HeatQuestion) {
  const { steel, sideMm, wheelMm, forceN, heatShare } = question;
  const blank = { section: 'square', lengthMm: 60, widthMm: sideMm, heightMm: sideMm } as const;
  const tip: TipHeat = {
    ...tipOf({ blank, wheel: { diameterMm: wheelMm, contactMm: 0, hollow: true } }, steel),
    forceN,
    heatShare,
  };
  const schedule = scheduleOf(question);
  const limitC = heatLimit(steel);
  const lump = tipTemperature(tip, schedule, limitC);
  const { conductivityWMK, densityKgM3, heatCapacityJKgK } = steelHeat(steel);
  const skin = surfaceRise({
    powerW: lump.powerW,
    areaMm2: sideMm * STRIP_MM,
    seconds: Math.min(1, question.grindS),
    conductivityWMK,
    densityKgM3,
    heatCapacityJKgK,
    startC: lump.peakC,
    limitC,
  });
  const tempered = temperedAs(steel);
  const seconds = question.grindS * question.times;
  return {
    spells: drawn(tip, schedule),
    limitC,
    peakC: lump.peakC,
    steadyC: lump.steadyPeakC,
    toLimitS: lump.toLimitS,
    skinC: skin.surfaceC,
    colour: temperColour(skin.surfaceC),
    freshHrc: FRESH_HRC,
    /** Null when it is beyond the table: the edge is lost; undefined for carbide, which is not tempered. */
    hrc:
      tempered === null
        ? undefined
        : unlessRefused(() => hardnessAfter(tempered, skin.surfaceC, FRESH_HRC, seconds).hrc, null),
  };
}
export type HeatPicture = ReturnType<typeof heatPicture>;
