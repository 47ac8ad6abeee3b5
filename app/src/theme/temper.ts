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
