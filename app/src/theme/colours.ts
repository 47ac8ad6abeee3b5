/** The colours of the light and of the dark theme. */
const day = {
  ground: '#E6EAE8',
  sheet: '#F8F9F7',
  ink: '#13202A',
  quiet: '#50606B',
  line: '#B9C3C4',
  strongLine: '#73848A',
  accent: '#1D3F91',
  onAccent: '#FFFFFF',
  wash: '#DCE4F5',
  caution: '#8F5600',
  cautionMark: '#B26A00',
  danger: '#A3211B',
  good: '#2E6CA6',
  scrim: 'rgba(19,32,42,0.45)',
};
export type Colours = typeof day;

const night: Colours = {
  ground: '#0E151A',
  sheet: '#172127',
  ink: '#E9EEEC',
  quiet: '#9FB0B6',
  line: '#33434B',
  strongLine: '#6C818A',
  accent: '#8FB0FF',
  onAccent: '#0E151A',
  wash: '#1E2C4A',
  caution: '#E8AE55',
  cautionMark: '#E8AE55',
  danger: '#FF8F86',
  good: '#8CBCE6',
  scrim: 'rgba(0,0,0,0.6)',
};

/** Printed paper, whatever the theme. */
export const PAPER = { sheet: '#FFFFFF', ink: '#000000', cut: '#999999' } as const;

/** The theme on paper: black on white, its lines grey. */
const print: Colours = {
  ground: '#FFFFFF',
  sheet: '#FFFFFF',
  ink: '#000000',
  quiet: '#333333',
  line: '#999999',
  strongLine: '#666666',
  accent: '#000000',
  onAccent: '#FFFFFF',
  wash: '#EEEEEE',
  caution: '#000000',
  cautionMark: '#333333',
  danger: '#000000',
  good: '#333333',
  scrim: 'transparent',
};

export const COLOURS = { light: day, dark: night } as const;
export type Scheme = keyof typeof COLOURS;

const variableOf = (name: string): string =>
  `--${name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`)}`;

/** The colours by the names of their variables in the page's style sheet. */
export const VARIABLES = Object.fromEntries(
  Object.keys(day).map((name) => [name, `var(${variableOf(name)})`]),
) as Colours;

const declared = (colours: Colours): string =>
  Object.entries(colours)
    .map(([name, colour]) => `${variableOf(name)}:${colour}`)
    .join(';');

/** Style sheet that gives the variables their colours: by the device, by the person's choice, and on paper. */
export const colourSheet = (): string =>
  [
    `:root{color-scheme:light;${declared(day)}}`,
    `@media (prefers-color-scheme:dark){:root{color-scheme:dark;${declared(night)}}}`,
    `:root[data-theme=light]{color-scheme:light;${declared(day)}}`,
    `:root[data-theme=dark]{color-scheme:dark;${declared(night)}}`,
    `@media print{:root,:root[data-theme]{color-scheme:light;${declared(print)}}}`,
  ].join('');
