import { beatForDivisions, divisionsPerBeat, type HandFeed } from './hand-feed';

export interface Pace {
  readonly divisions: number;
  readonly beatS: number;
}

/** A beat that a hand follows without thinking. */
const BEAT_S = { least: 0.45, best: 0.8, most: 1.6 } as const;
const EASY = [1, 2, 5, 10, 20, 25, 50, 100];

/**
 * An easy number of divisions and the beat in which they pass, to wind by. Where no easy number passes in
 * 0.45 to 1.6 s, the half divisions nearest to a beat of 0.8 s, at least half a division.
 *
 * @param divisionsOnDial  of the wheel: no easy number is more than a whole turn
 * @example pace(handFeed(95, 2.5, 125), 125) // 50 divisions each 0.63 s
 */
export function pace(feed: HandFeed, divisionsOnDial: number): Pace {
  const far = (beatS: number): number => Math.abs(Math.log(beatS / BEAT_S.best));
  const choices = EASY.filter((divisions) => divisions <= divisionsOnDial).map((divisions) => ({
    divisions,
    beatS: beatForDivisions(feed, divisions),
  }));
  const fitting = choices.filter(({ beatS }) => beatS >= BEAT_S.least && beatS <= BEAT_S.most);
  if (fitting.length > 0)
    return fitting.reduce((best, one) => (far(one.beatS) < far(best.beatS) ? one : best));
  const divisions = Math.max(0.5, Math.round(divisionsPerBeat(feed, BEAT_S.best) * 2) / 2);
  return { divisions, beatS: beatForDivisions(feed, divisions) };
}
