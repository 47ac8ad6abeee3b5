import type { RoundSetUp } from '@pike-stone/core/wheel';
import { formatAngle } from '../format';
import { listed } from '../list';

export const SET_UP_WORDS: Readonly<Record<RoundSetUp, string>> = {
  rest: 'on the rest',
  drill: 'drills, on the rest by hand',
  'free-hand': 'free hand',
  'end-teeth': 'end teeth, grinder in the tool post',
  stone: 'at the stones',
};

/** Minutes as a shop says them: 4 min, 1 h 10 min. */
export function sayMinutes(minutes: number): string {
  const whole = Math.max(1, Math.round(minutes));
  return whole < 60 ? `${whole} min` : `${Math.floor(whole / 60)} h ${whole % 60} min`;
}

/** What a round comes to. */
export const sayRound = (tools: number, settings: number, grindMin: number, changeMin: number): string =>
  `${tools === 1 ? 'One tool' : `${tools} tools`} in ${settings === 1 ? 'one setting' : `${settings} settings`}: ${sayMinutes(grindMin + changeMin)}, ${sayMinutes(changeMin)} of them to set up.`;

/** The rest of a group. */
export const sayRest = (tiltDeg: number | null, asItStands: boolean): string =>
  tiltDeg === null
    ? 'by hand'
    : asItStands
      ? `rest stays at ${formatAngle(tiltDeg, 1)}`
      : `rest at ${formatAngle(tiltDeg, 1)}`;

/** Why a tool is not in the round. */
export type LeftOut = 'past-saving' | 'insert' | 'send-out';
export const LEFT_OUT_WORDS: Readonly<Record<LeftOut, string>> = {
  'past-saving': 'past saving: nothing left to grind',
  insert: 'turn or change the insert',
  'send-out': 'send it out: it cannot be ground here',
};

/** Faces of a tool in one line. */
export const sayFaces = (faces: readonly string[]): string => listed(faces.map((face) => face.toLowerCase()));
