import { positive } from '../quantity/out-of-range';

export interface HandFeed {
  readonly secondsPerTurn: number;
  readonly turnsPerMin: number;
  readonly divisionsPerSecond: number;
}

/** A hand follows one turn in 4 s down to one in 0.7 s well. */
export const HAND_CAN_FOLLOW_S = { slowest: 4, fastest: 0.7 } as const;

/**
 * How fast to wind a handwheel for a feed rate.
 *
 * @param feedRateMmMin    vf, mm/min, above 0
 * @param travelPerTurnMm  travel of one turn of the wheel, mm, above 0
 * @param divisions        marks on the dial
 * @example handFeed(95, 2.5, 125).secondsPerTurn // 1.58
 */
export function handFeed(feedRateMmMin: number, travelPerTurnMm: number, divisions: number): HandFeed {
  positive('feed rate', feedRateMmMin);
  positive('travel per turn', travelPerTurnMm);
  const secondsPerTurn = (60 * travelPerTurnMm) / feedRateMmMin;
  return {
    secondsPerTurn,
    turnsPerMin: feedRateMmMin / travelPerTurnMm,
    divisionsPerSecond: divisions / secondsPerTurn,
  };
}

/** Dial divisions that pass in one beat of a pacer. */
export const divisionsPerBeat = (feed: HandFeed, beatS: number): number => feed.divisionsPerSecond * beatS;

/** Length of the beat in which a chosen number of divisions passes, seconds. */
export const beatForDivisions = (feed: HandFeed, divisions: number): number =>
  divisions / feed.divisionsPerSecond;
