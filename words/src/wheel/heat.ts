import type { HeatPicture, TemperColour } from '@pike-stone/core/wheel';
import type { BitSteel } from '@pike-stone/core/grind';

export const TEMPER_WORDS: Readonly<Record<TemperColour, string>> = {
  none: 'no colour',
  'faint-straw': 'faint straw',
  'pale-straw': 'pale straw',
  straw: 'straw',
  'dark-straw': 'dark straw',
  'brown-purple': 'brown to purple',
  purple: 'purple',
  'dark-blue': 'dark blue',
  blue: 'blue',
  'light-blue': 'light blue',
  grey: 'grey',
  'first-red-in-the-dark': 'red in the dark',
  'dark-red': 'dark red',
  'cherry-red': 'cherry red',
  'bright-red': 'bright red',
};

/** What a blue edge means in each steel. */
export const BLUE_EDGE: Readonly<Record<'carbon-steel' | 'hss' | 'brazed-carbide', string>> = {
  'carbon-steel':
    'Carbon steel was tempered near 200 °C. Any colour is hardness lost for good; blue is past use: grind behind all of it.',
  hss: 'HSS was tempered near 550 °C and keeps its hardness to there. Straw or blue is skin only; a red-hot tip is not, and must never be quenched: it cracks.',
  'brazed-carbide':
    'Carbide has no temper to lose, but it cracks when it is quenched, and the braze softens. Dry and light, or flooded all the time.',
};

const steelKey = (steel: BitSteel): keyof typeof BLUE_EDGE => (steel === 'hss-co' ? 'hss' : steel);
export const sayBlueEdge = (steel: BitSteel): string => BLUE_EDGE[steelKey(steel)];

const about = (c: number): string => `${Math.round(c / 10) * 10}\u00a0°C`;

/** What a schedule comes to, in one line and the lines under it. */
export function sayHeatPicture(picture: HeatPicture): {
  readonly title: string;
  readonly lines: readonly string[];
} {
  const { peakC, limitC, steadyC, skinC, colour, hrc, freshHrc, toLimitS } = picture;
  const hardness =
    hrc === undefined
      ? 'Carbide keeps its hardness; heat cracks it.'
      : hrc === null
        ? 'At that heat the edge is lost: grind behind it.'
        : freshHrc - hrc < 0.5
          ? 'Hardness stays as it was.'
          : `About ${(freshHrc - hrc).toFixed(0)} HRC lost at the skin.`;
  return {
    title:
      peakC > limitC
        ? `Too hot: about ${about(peakC)}, ${about(limitC)} is the most`
        : `Up to about ${about(peakC)}, below ${about(limitC)}`,
    lines: [
      toLimitS === null
        ? 'Ground without a pause it would not come to the limit.'
        : `Ground without a pause it is there after ${toLimitS.toFixed(0)} s.`,
      `The same again and again settles at ${about(steadyC)}.`,
      `The skin under the wheel: about ${about(skinC)}, ${TEMPER_WORDS[colour]} on clean steel.`,
      hardness,
    ],
  };
}
