import type { SignKey } from '@pike-stone/core/learn';
import { TEMPER } from '../../../theme/temper';

/** A stroke of a pictogram on a field of 64 by 64. */
export interface Stroke {
  readonly d: string;
  /** Work and tool are thin lines; what was seen is thick or filled, in its own colour where it has one. */
  readonly as: 'thin' | 'medium' | 'thick' | 'filled' | 'danger';
  readonly colour?: string;
}

const thin = (d: string): Stroke => ({ d, as: 'thin' });
const thick = (d: string, colour?: string): Stroke => ({ d, as: 'thick', ...(colour && { colour }) });
const filled = (d: string, colour?: string): Stroke => ({ d, as: 'filled', ...(colour && { colour }) });
const danger = (d: string): Stroke => ({ d, as: 'danger' });

const path = (points: readonly (readonly [number, number])[]): string =>
  points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`).join('');
const along = (count: number, at: (share: number) => readonly [number, number]): string =>
  path(Array.from({ length: count + 1 }, (_, i) => at(i / count)));

/** A wave between two places, with so many swings of a height. */
const wave = (swings: number, height: number, y = 32, from = 6, to = 58): string =>
  along(swings * 12, (t) => [from + (to - from) * t, y - height * Math.sin(2 * Math.PI * swings * t)]);
const spiral = (x: number, y: number, turns: number, most: number): string =>
  along(turns * 24, (t) => [
    x + (1 + (most - 1) * t) * Math.cos(2 * Math.PI * turns * t),
    y + (1 + (most - 1) * t) * Math.sin(2 * Math.PI * turns * t),
  ]);
const circle = (x: number, y: number, r: number): string =>
  `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`;

/** A bar in the chuck, seen from the side. */
const BAR = 'M4 18H60M4 46H60M60 18V46';
/** The corner of a tool, seen from above: edge to the left, nose below left. */
const EDGE = 'M14 8V44Q14 52 22 52H60M14 8H60V52';
/** The edge from the side: rake face above, flank at the left. */
const SIDE_EDGE = 'M14 18H60M14 18L22 56M60 18V56';
/** A handwheel with its crank. */
const WHEEL = `${circle(28, 34, 20)}${circle(28, 34, 3)}M28 31V14M25 36L12 46M31 36L44 46`;
/** The face of an ammeter with its marks. */
const METER = 'M6 48A26 26 0 0 1 58 48ZM12 36l4 3M22 26l2 4M32 22v5M42 26l-2 4M52 36l-4 3';

const COLOURED_CHIP = 'M12 24a14 14 0 0 1 26 -4M30 42a13 13 0 0 0 22 -10M14 50a12 12 0 0 1 10 -16';
const chip = (colour: string): readonly Stroke[] => [thick(COLOURED_CHIP, colour)];

/** What is drawn for each sign, from the geometry of chip, work, edge and machine. */
export const SIGN_DRAWINGS: Readonly<Record<SignKey, readonly Stroke[]>> = {
  'ribbon-winding': [
    thin('M4 24H60M4 40H60'),
    danger(along(96, (t) => [10 + 44 * t, 32 + 16 * Math.sin(2 * Math.PI * 5 * t)])),
  ],
  'long-ribbon': [thick('M4 24C16 12 22 40 34 26S50 14 60 24M4 46C18 34 26 58 40 44S52 36 60 44')],
  'tight-clock-spring': [{ as: 'medium', d: spiral(32, 32, 3, 15) }, thin(circle(32, 32, 20))],
  'good-arcs': [
    thick(
      'M8 26a11 11 0 0 1 17 -5M38 16a11 11 0 0 1 14 11M12 48a11 11 0 0 1 8 -15M34 52a11 11 0 0 0 18 -7M29 36a9 9 0 0 1 13 0',
    ),
  ],
  'powder-dust': [
    filled(
      Array.from({ length: 34 }, (_, i) => circle(8 + ((i * 37) % 49), 16 + ((i * 23) % 35), 1.2)).join(''),
    ),
  ],
  'thick-torn-chip': [
    filled('M8 40L12 26 20 30 24 20 30 28 38 18 42 26 52 20 56 34 48 44 40 38 34 46 26 40 18 48Z'),
  ],
  'stringy-hair': [
    thin(
      'M8 40C4 20 30 10 36 26S16 52 30 50 56 34 44 20 14 22 20 38 50 58 54 40 34 8 24 18 40 56 48 50M10 50C20 30 50 50 56 24M14 16C30 40 40 12 54 46',
    ),
  ],
  'chip-dark-blue': chip(TEMPER['dark blue']!),
  'chip-blue-carbide': chip(TEMPER['light blue']!),
  'chip-silver-carbide': chip(TEMPER['bright']!),
  'chip-straw': chip(TEMPER['straw']!),
  'chip-black': chip('#3a3f43'),
  'torn-surface': [
    thin('M4 46H60'),
    thick('M4 26L10 30 14 22 20 32 26 24 30 34 38 22 42 32 48 26 54 34 60 26'),
  ],
  'feed-threads': [
    thin('M4 46H60'),
    thick('M4 28Q8 18 12 28Q16 18 20 28Q24 18 28 28Q32 18 36 28Q40 18 44 28Q48 18 52 28Q56 18 60 28'),
  ],
  'glazed-hard': [thin(BAR), filled('M20 18H40V46H20Z'), thin('M24 22L36 42')],
  'welded-specks': [
    thin(BAR),
    filled(
      [
        [14, 26],
        [24, 38],
        [32, 24],
        [40, 36],
        [50, 28],
        [18, 40],
        [46, 42],
      ]
        .map(([x, y]) => `M${x} ${y}l3 -2 3 3 -4 2z`)
        .join(''),
    ),
  ],
  'taper-turned': [thick('M6 14L58 24V40L6 50Z'), thin('M2 32H62')],
  'chip-marks-climb': [thin(BAR), thick('M10 24l12 4M20 40l14 -3M30 26l10 3M40 38l14 2M46 24l8 3')],
  'size-grows': [thin('M2 54H62'), thick('M8 54V36H18V54M26 54V30H36V54M44 54V22H54V54')],
  'dial-ignored': [
    thin(`${circle(22, 22, 14)}M22 8v4M36 22h-4M22 36v-4M8 22h4`),
    thick('M22 22L31 13'),
    thin('M4 46H60'),
    thick('M14 54H50'),
  ],
  'pip-left': [thin('M12 6H44V58H12Z'), thick('M44 26L54 32 44 38')],
  squeal: [{ as: 'medium', d: wave(7, 13) }, thin('M6 32H58')],
  'chatter-marks': [thin('M4 50H60'), thick(wave(5, 6, 34, 4, 60)), thin(wave(5, 6, 18, 4, 60))],
  'rumble-low': [thick(wave(1.5, 14)), thin('M6 54H58M14 58V54M50 58V54')],
  'hiss-crackle': [
    filled(Array.from({ length: 16 }, (_, i) => circle(8 + 3.2 * i, 32 - ((i * 7) % 5) + 2, 1.3)).join('')),
  ],
  'knock-once-per-rev': [
    thin(`${circle(32, 36, 20)}${circle(32, 36, 2)}`),
    thick('M32 4V14M24 6l3 8M40 6l-3 8'),
  ],
  'bang-on-entry': [
    danger(
      'M32 6l5 14 14 -6 -8 13 15 6 -15 5 8 14 -14 -7 -5 14 -5 -14 -14 7 8 -14 -15 -5 15 -6 -8 -13 14 6Z',
    ),
  ],
  'edge-flew': [
    thin('M30 8H60V52H34M14 20V8H20'),
    danger('M14 20L22 26 20 34 28 38 30 46 34 52'),
    filled('M6 40l6 -4 4 8 -7 3z'),
  ],
  'built-up-edge': [thin(SIDE_EDGE), filled('M14 18C6 14 8 6 18 8S34 14 36 18Z')],
  crater: [thin('M14 18H26M44 18H60M14 18L22 56M60 18V56'), thick('M26 18Q35 32 44 18')],
  notch: [thin('M14 8V20M14 30V44Q14 52 22 52H60M14 8H60V52'), thick('M14 20L24 25 14 30')],
  'flank-even': [thin(SIDE_EDGE), thick('M14 18L16 34')],
  'flank-fast': [thin('M20 18H60M60 18V56'), thick('M20 18L22 56'), thin(`${circle(46, 40, 9)}M46 34v6h5`)],
  'chipped-edge': [thin('M14 8H60V52H22'), thick('M14 8V14L18 17 14 22V28L19 31 14 36V44Q14 52 22 52')],
  'nose-deformed': [thin('M14 8V36M34 52H60M14 8H60V52'), thick('M14 36Q8 50 22 58Q30 58 34 52')],
  'edge-blued': [thin(EDGE), filled('M14 24V44Q14 52 22 52H38Q30 34 14 24Z', TEMPER['dark blue']!)],
  'work-moved': [
    thin('M4 12H20V52H4M20 20H60M20 44H60'),
    danger('M52 26a8 8 0 1 1 -8 8M44 34l-4 -4M44 34l5 -3'),
  ],
  'spindle-stalls': [
    thin(`${circle(18, 32, 12)}${circle(46, 32, 12)}`),
    danger('M18 18H46M18 46H46M28 14l8 8M36 14l-8 8'),
  ],
  'smoke-oil': [
    danger(
      'M14 54C4 44 18 38 12 28S22 14 18 6M32 54C22 44 36 38 30 28S40 14 36 6M50 54C40 44 54 38 48 28S58 14 54 6',
    ),
  ],
  'wisp-smoke': [thin('M12 56H52'), thick('M32 52C24 42 38 36 32 26S40 14 36 8')],
  'burnt-smell': [
    thin('M8 44H44V56H8Z'),
    thick('M50 40C44 34 56 28 50 20M58 40C52 34 62 28 58 20'),
    thick('M14 40V32M24 40V28M34 40V32'),
  ],
  'handwheel-hard': [thin(WHEEL), thick('M52 20a28 28 0 0 1 2 24M54 44l5 -4M54 44l-5 -3')],
  'current-high': [thin(METER), thick('M32 48L54 34'), filled('M46 46L56 46 52 38Z')],
  'current-rising': [thin(METER), thick('M32 48L40 26'), thick('M44 56L58 56M52 52l6 4 -6 4')],
  'digs-in': [thin('M4 22H60'), thick('M34 4L26 34H52V4'), thick('M14 30V48M14 48l-4 -5M14 48l4 -5')],
  'cut-too-slow': [thin(`${circle(32, 34, 22)}M32 6v6M28 4h8`), thick('M32 34V20M32 34l9 5')],
};
