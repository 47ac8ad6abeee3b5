import type { BitAngles, BitSizes, ReadAngle } from '@pike-stone/core/grind';

/** What an angle is called, what it is for, and what too much or too little of it does. */
export interface AngleWords {
  readonly name: string;
  readonly short: string;
  readonly why: string;
  readonly tooMuch: string;
  readonly tooLittle: string;
}

export const ANGLE_WORDS: Readonly<Record<keyof BitAngles, AngleWords>> = {
  sideRakeDeg: {
    name: 'Side rake',
    short: 'side rake',
    why: 'The top falls away from the side edge, so that the chip is lifted instead of crushed. Soft and stringy metal wants more, hard metal and brass less.',
    tooMuch: 'The edge crumbles and digs in; in brass it grabs, and a worn slide is pulled into the work.',
    tooLittle: 'Heat, force, a torn finish and a built-up edge; the motor works harder.',
  },
  backRakeDeg: {
    name: 'Back rake',
    short: 'back rake',
    why: 'The top falls from the nose to the shank. It frees the end edge and turns the chip away from the work. Each regrind of the front then lowers the nose a little.',
    tooMuch: 'The nose is weak and soon ground too low.',
    tooLittle: 'The end edge rubs and scrapes, chips come toward the work.',
  },
  kappaDeg: {
    name: 'Cutting edge angle',
    short: 'edge angle',
    why: 'Between the side edge and the way it is fed. At 90 the whole edge meets the work at once and pushes along it; below, the chip is thinner and the push on slender work grows.',
    tooMuch: 'A thick chip, a blow at the start of the cut, and all the load on the nose.',
    tooLittle: 'The push bends slender work, it chatters, and the bit does not reach into a shoulder.',
  },
  sideClearanceDeg: {
    name: 'Side clearance',
    short: 'side clearance',
    why: 'The side falls back under its edge, so that only the edge touches. The feed takes a little of it, a thread takes much.',
    tooMuch: 'A weak edge that chatters and carries its heat badly; the size drifts more as it wears.',
    tooLittle: 'The heel rubs: a shiny band, squealing, heat, and the bit does not bite.',
  },
  kappa2Deg: {
    name: 'End cutting edge angle',
    short: 'end angle',
    why: 'The end edge falls back from the nose, so that it does not rub on what was just turned.',
    tooMuch: 'A thin nose that burns, and a finish like a fine thread.',
    tooLittle: 'The end edge rubs along the work and chatters.',
  },
  frontClearanceDeg: {
    name: 'Front clearance',
    short: 'front clearance',
    why: 'The front falls back under the nose. A nose above centre uses it up outside, a bore needs more of it because the wall curves toward the heel.',
    tooMuch: 'A weak nose that chatters.',
    tooLittle: 'The front rubs below the nose, or the heel in a bore: heat and squealing.',
  },
};

/** Sizes of a shape besides its angles. */
export const SIZE_WORDS: Readonly<Record<keyof BitSizes, string>> = {
  edgeMm: 'Length of the edge',
  widthMm: 'Width of the edge',
  bladeMm: 'Length of the blade',
  radiusMm: 'Radius',
  flatMm: 'Flat at the point',
};

/** How a protractor is laid to read an angle. */
export const READ_WORDS: Readonly<Record<ReadAngle, string>> = {
  sideRakeDeg: 'Stock on the end of the bit, blade across the top.',
  backRakeDeg: 'Stock on the shank, blade along the top.',
  sideClearanceDeg: 'Stock on the bottom, blade against the side, square to the shank.',
  frontClearanceDeg: 'Bit on a plate, square held against the front.',
};
