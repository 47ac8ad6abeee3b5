/** Oxide colours of steel as they are drawn, by the name that is said of them. */
export const TEMPER: Readonly<Record<string, string>> = {
  bright: '#8b97a1',
  'pale straw': '#c9b458',
  straw: '#c79a2a',
  brown: '#9a5a22',
  purple: '#7d3f86',
  'dark blue': '#2c3f9e',
  'light blue': '#4f8fd0',
  'blue-grey': '#5f7688',
  grey: '#6d7378',
  glowing: '#e2541c',
};

/** The same for a ground edge, by the names of the core: a tool's colours are finer than a chip's. */
export const TEMPER_SWATCH = {
  none: '#c9ccd0',
  'faint-straw': '#efe6b8',
  'pale-straw': '#ead58a',
  straw: '#d9b457',
  'dark-straw': '#b9812f',
  'brown-purple': '#87503f',
  purple: '#6b4372',
  'dark-blue': '#2f3f7d',
  blue: '#3f62a8',
  'light-blue': '#7d9cc4',
  grey: '#8d9196',
  'first-red-in-the-dark': '#4d1a16',
  'dark-red': '#7a1f14',
  'cherry-red': '#b0301a',
  'bright-red': '#d9502a',
} as const;
