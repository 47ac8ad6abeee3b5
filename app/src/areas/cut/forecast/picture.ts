import { POWER_RESERVE, type CutPlan } from '@pike-stone/core';
import { AMBIENT_C, type Forecast, type SpringForecast } from '@pike-stone/core/forecast';

/** A bar of the picture: how full, and where its limit is marked, both 0 to 1. */
export interface Bar {
  readonly key: 'power' | 'heat' | 'life';
  readonly full: number;
  readonly mark: number;
  readonly level: 'good' | 'caution' | 'danger';
}

/** Shortest and longest life that is told, minutes: the ends of its bar, on a scale of doublings. */
const LIFE_MIN = { least: 2, most: 240 } as const;
/** A life under this is short, minutes. */
const SHORT_MIN = 10;
const clamp01 = (value: number): number => Math.min(1, Math.max(0, value));
const lifeShare = (minutes: number): number =>
  clamp01(Math.log(minutes / LIFE_MIN.least) / Math.log(LIFE_MIN.most / LIFE_MIN.least));

const VERDICT = { good: 'good', watch: 'caution', over: 'danger' } as const;

/** Power, heat and edge life as bars; those that are not known are left out. */
export function barsOf({ power, heat, life }: Forecast, { edge }: CutPlan): readonly Bar[] {
  const bars: Bar[] = [];
  if (power?.share !== null && power !== null) {
    const { share } = power;
    const level = share > 1 ? 'danger' : share > POWER_RESERVE * 1.001 ? 'caution' : 'good';
    bars.push({ key: 'power', full: clamp01(share), mark: POWER_RESERVE, level });
  }
  if (heat) {
    const full = clamp01((heat.interfaceC - AMBIENT_C) / (heat.interfaceC + heat.marginK - AMBIENT_C));
    bars.push({ key: 'heat', full, mark: 1, level: VERDICT[heat.verdict] });
  }
  if (life) {
    const level = life.minutes < SHORT_MIN ? 'caution' : 'good';
    bars.push({ key: 'life', full: lifeShare(life.minutes), mark: lifeShare(edge.life.minutes), level });
  }
  return bars;
}

/** Times by which a bend is drawn larger than it is. */
const EXAGGERATIONS = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000] as const;
/** A bend under this cannot be measured, mm. */
const SEEN_MM = 0.0005;

export interface Bend {
  readonly times: number;
  /** How far the end is drawn off its line, in the unit of the drawing. */
  readonly off: number;
}

/**
 * A bend as it is drawn: as many times larger as keeps it inside the room there is.
 *
 * @param perMm  units of the drawing for a millimetre
 * @param room   most that the end may be drawn off its line
 */
export function bendOf({ mm }: Pick<SpringForecast, 'mm'>, perMm: number, room: number): Bend | null {
  if (mm < SEEN_MM) return null;
  const times = EXAGGERATIONS.filter((one) => one * mm * perMm <= room).at(-1) ?? 1;
  return { times, off: Math.min(room, times * mm * perMm) };
}

/** Named finishes, Ra in um, from the smoothest. */
export const FINISHES = [
  [0.4, 'ground'],
  [0.8, 'fine'],
  [1.6, 'smooth'],
  [3.2, 'turned'],
  [6.3, 'rough'],
  [12.5, 'coarse'],
] as const;

/** Place of a roughness on the scale of named finishes, 0 the smoothest to 1 the coarsest. */
export function finishPlace(raUm: number): number {
  const [first, last] = [FINISHES[0][0], FINISHES.at(-1)![0]];
  return clamp01(Math.log(raUm / first) / Math.log(last / first));
}
