import { OutOfRange, positive } from '../quantity/out-of-range';
import { DEG } from '../quantity/angle';
import { wholeOver } from '../quantity/whole';

/** Profiles of a thread: 60 degrees (ISO 68-1, unified) and 55 degrees. */
export type ThreadForm = 'iso-60' | 'form-55';

interface FormRow {
  readonly halfDeg: number;
  /** Share of the sharp height H cut off at the crest. */
  readonly crest: number;
  /** Pitch diameter under the major, minor diameters under it, in pitches. */
  readonly pitchUnder: number;
  readonly minorInsideUnder: number;
  readonly minorOutsideUnder: number;
}

const FORMS: Readonly<Record<ThreadForm, FormRow>> = {
  'iso-60': {
    halfDeg: 30,
    crest: 1 / 8,
    pitchUnder: (3 * Math.sqrt(3)) / 8,
    minorInsideUnder: (5 * Math.sqrt(3)) / 8,
    minorOutsideUnder: (17 * Math.sqrt(3)) / 24,
  },
  'form-55': {
    halfDeg: 27.5,
    crest: 1 / 6,
    pitchUnder: 0.640327,
    minorInsideUnder: 1.280654,
    minorOutsideUnder: 1.280654,
  },
};

export const threadHalfAngle = (form: ThreadForm): number => FORMS[form].halfDeg;

export interface ThreadDepth {
  /** Height of the sharp triangle. */
  readonly sharpMm: number;
  /** On the radius, for this nose. */
  readonly depthMm: number;
  readonly rootMm: number;
  readonly pitchDiameterMm: number;
  readonly minorInsideMm: number;
  readonly minorOutsideMm: number;
}

/**
 * How deep a thread is cut with the nose that is really on the tool:
 * depth = H - crest - w/(2 tan a) - r (1/sin a - 1). A sharp tool must go deeper
 * than the book says, or the thread stays too fat.
 *
 * Source: ISO 68-1 profile; one of nose flat and nose radius is 0.
 *
 * @example threadDepth('iso-60', 2, 16, 0, 0).depthMm // 1.5155
 */
export function threadDepth(
  form: ThreadForm,
  pitchMm: number,
  majorMm: number,
  noseFlatMm: number,
  noseRadiusMm: number,
): ThreadDepth {
  const row = FORMS[form];
  const a = row.halfDeg * DEG;
  const sharpMm = positive('pitch', pitchMm) / (2 * Math.tan(a));
  const depthMm =
    sharpMm - row.crest * sharpMm - noseFlatMm / (2 * Math.tan(a)) - noseRadiusMm * (1 / Math.sin(a) - 1);
  return {
    sharpMm,
    depthMm,
    rootMm: majorMm - 2 * depthMm,
    pitchDiameterMm: majorMm - row.pitchUnder * pitchMm,
    minorInsideMm: majorMm - row.minorInsideUnder * pitchMm,
    minorOutsideMm: majorMm - row.minorOutsideUnder * pitchMm,
  };
}

export interface ThreadInfeed {
  readonly passes: number;
  /** Depth on the radius after each pass. */
  readonly radialMm: readonly number[];
  /** What the compound slide has travelled by then. */
  readonly compoundMm: readonly number[];
  readonly lastMm: number;
  /** Shaved off the trailing flank over the whole depth. */
  readonly trailingShaveMm: number;
}

/** Nobody takes more: the first pass is a slip of the finger. */
const MOST_PASSES = 500;

/**
 * Passes of equal chip area: x_k = (-w + sqrt(w² + 4 tan(a) A k/n)) / (2 tan a),
 * A = w h + h² tan a; with a sharp nose h sqrt(k/n).
 *
 * @param noseFlatMm   flat of the nose, mm
 * @param angleDeg     included angle of the thread
 * @param compoundDeg  of the compound slide from square: 29.5 shaves the trailing flank, 0 is straight in
 * @param by           how many passes, or how deep the first one is
 */
export function threadInfeed(
  depthMm: number,
  noseFlatMm: number,
  angleDeg: number,
  compoundDeg: number,
  by: { readonly passes: number } | { readonly firstMm: number },
): ThreadInfeed {
  const tan = Math.tan((angleDeg / 2) * DEG);
  const area = (x: number): number => noseFlatMm * x + x * x * tan;
  const h = positive('thread depth', depthMm);
  const passes =
    'passes' in by
      ? positive('passes', by.passes)
      : Math.max(1, wholeOver(area(h) / area(positive('first pass', by.firstMm))));
  if (passes > MOST_PASSES) throw new OutOfRange('number of passes', passes, 1, MOST_PASSES);
  const at = (k: number): number =>
    (-noseFlatMm + Math.sqrt(noseFlatMm ** 2 + (4 * tan * area(h) * k) / passes)) / (2 * tan);
  const radialMm = Array.from({ length: passes }, (_, k) => at(k + 1));
  const cos = Math.cos(compoundDeg * DEG);
  return {
    passes,
    radialMm,
    compoundMm: radialMm.map((x) => x / cos),
    lastMm: h - (passes > 1 ? radialMm[passes - 2]! : 0),
    trailingShaveMm: h * (tan - Math.tan(compoundDeg * DEG)),
  };
}

/** Over three wires, and the pitch diameter back from a reading. */
export function threadWires(
  form: ThreadForm,
  pitchMm: number,
  pitchDiameterMm: number,
  wireMm: number,
  starts = 1,
  readingMm = pitchDiameterMm,
) {
  const a = threadHalfAngle(form) * DEG;
  const bestMm = positive('pitch', pitchMm) / (2 * Math.cos(a));
  const cot = 1 / Math.tan(a);
  const lead = (starts * pitchMm) / (Math.PI * positive('pitch diameter', pitchDiameterMm));
  const leadMm = (positive('wire', wireMm) / 2) * lead ** 2 * Math.cos(a) * cot;
  const over = wireMm * (1 + 1 / Math.sin(a)) - (pitchMm / 2) * cot;
  return {
    bestMm,
    overMm: pitchDiameterMm + over,
    leadMm,
    overCorrectedMm: pitchDiameterMm + over + leadMm,
    pitchDiameterFromReadingMm: readingMm - over - leadMm,
  };
}

/** Coarse pitches of metric threads (ISO 261), each up to the diameter from which the next one is nearer, mm. */
const COARSE: readonly (readonly [upToMm: number, pitchMm: number])[] = [
  [1.15, 0.25],
  [1.5, 0.3],
  [1.8, 0.35],
  [2.1, 0.4],
  [2.75, 0.45],
  [3.25, 0.5],
  [3.75, 0.6],
  [4.25, 0.7],
  [4.75, 0.75],
  [5.5, 0.8],
  [7.5, 1],
  [9.5, 1.25],
  [11.5, 1.5],
  [13, 1.75],
  [17, 2],
  [23, 2.5],
  [28, 3],
  [34, 3.5],
  [40, 4],
  [46, 4.5],
  [54, 5],
  [62, 5.5],
];
const COARSEST_MM = 6;

/** Threads to the inch of the coarse series, by diameter in inches: unified (60°) and the 55° series. */
const COARSE_TPI: Readonly<Record<ThreadForm, readonly (readonly [inches: number, tpi: number])[]>> = {
  'iso-60': [
    [1 / 4, 20],
    [5 / 16, 18],
    [3 / 8, 16],
    [7 / 16, 14],
    [1 / 2, 13],
    [9 / 16, 12],
    [5 / 8, 11],
    [3 / 4, 10],
    [7 / 8, 9],
    [1, 8],
    [9 / 8, 7],
    [5 / 4, 7],
    [11 / 8, 6],
    [3 / 2, 6],
    [7 / 4, 5],
    [2, 4.5],
  ],
  'form-55': [
    [1 / 8, 40],
    [3 / 16, 24],
    [1 / 4, 20],
    [5 / 16, 18],
    [3 / 8, 16],
    [7 / 16, 14],
    [1 / 2, 12],
    [9 / 16, 12],
    [5 / 8, 11],
    [3 / 4, 10],
    [7 / 8, 9],
    [1, 8],
    [9 / 8, 7],
    [5 / 4, 7],
    [3 / 2, 6],
    [7 / 4, 5],
    [2, 4.5],
  ],
};
/** A bar this near to an inch size is taken for it, mm. */
const INCH_SIZE_MM = 0.02;
const INCH_MM = 25.4;

/**
 * Coarse pitch of a thread by its diameter, mm: of the inch series where the diameter
 * is one of its sizes, else of the nearest metric size.
 *
 * @example coarsePitch(10) // 1.5
 * @example coarsePitch(12.7) // 25.4 / 13
 */
export function coarsePitch(diameterMm: number, form: ThreadForm = 'iso-60'): number {
  const inch = COARSE_TPI[form].find(([inches]) => Math.abs(inches * INCH_MM - diameterMm) <= INCH_SIZE_MM);
  if (inch) return INCH_MM / inch[1];
  return COARSE.find(([upTo]) => diameterMm <= upTo)?.[1] ?? COARSEST_MM;
}
