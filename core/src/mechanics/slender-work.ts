import { positive, within } from '../quantity/out-of-range';
import { roundInertia } from './deflection';

/** Slender work of one diameter and a finest cut that must still come out straight. */
export interface SlenderWork {
  readonly diameterMm: number;
  /** 0 where it is solid. */
  readonly boreMm: number;
  readonly eGPa: number;
  readonly densityKgM3: number;
  readonly rpm: number;
  /** Share of the lowest natural whirling speed that is still safe, 0 to 1. */
  readonly safeShare: number;
  /** Radial force of the finest cut, without the spring factor, N. */
  readonly forceN: number;
  /** How much more than the work itself the machine gives way, 1 to 2. */
  readonly springFactor: number;
  /** Most error of the diameter, mm. */
  readonly diameterErrorMm: number;
}

export interface SlenderLimits {
  /** Longest free length, mm, in the chuck alone: by bending, by whirling, and the smaller of both. */
  readonly chuckBendMm: number;
  readonly chuckWhipMm: number;
  readonly chuckMm: number;
  /** With a centre at the end. */
  readonly centreBendMm: number;
  readonly centreMm: number;
  /** Between two supports: centres, or steadies. */
  readonly spanMm: number;
}

/** First root of the frequency equation of a beam: one end held, one held and one supported, both supported. */
const WHIRL_ROOT = { chuck: 1.8751040687, centre: 3.926602312, span: Math.PI } as const;
/** Bending of a beam held at one end and supported at the other, at its worst place (2 - √2) L, over F L³/(E I). */
const CENTRE_BEND = 0.0098124172;

/**
 * Longest free lengths of slender work for a finest useful cut: by bending, so that the
 * diameter stays within its error, and by whirling, so that the spindle stays well under
 * the lowest natural speed.
 *
 * ```
 *   chuck    y = F L³/3EI           L = b (EI/(m ω²))^¼,  ω = 2π n/60 / safe share
 *   centre   y = 0.0098122 F L³/EI
 *   span     y = F s³/48EI          m mass per length
 * ```
 *
 * Source: elastic beams (Euler and Bernoulli).
 * @throws OutOfRange when a size, the force or the speed is not above 0
 * @example slenderLimits({ diameterMm: 10, boreMm: 0, eGPa: 205, densityKgM3: 7850, rpm: 800, safeShare: 1 / 3, forceN: 7.5, springFactor: 1.5, diameterErrorMm: 0.02 }).chuckMm // 64.5
 */
export function slenderLimits(work: SlenderWork): SlenderLimits {
  const { diameterMm, boreMm, eGPa, densityKgM3, rpm, safeShare, forceN, springFactor } = work;
  const EI =
    positive('modulus', eGPa) * 1000 * roundInertia(diameterMm, within('bore', boreMm, 0, diameterMm));
  const F = positive('radial force', forceN) * positive('spring factor', springFactor);
  const y = positive('error of the diameter', work.diameterErrorMm) / 2;
  // Tonnes per millimetre, so that newtons, millimetres and seconds go together.
  const massPerMm =
    1e-12 * positive('density', densityKgM3) * (Math.PI / 4) * (diameterMm ** 2 - boreMm ** 2);
  const omega = (Math.PI * positive('spindle speed', rpm)) / 30 / positive('safe share', safeShare);
  const whip = (root: number): number => root * (EI / (massPerMm * omega ** 2)) ** 0.25;
  const chuckBendMm = ((3 * EI * y) / F) ** (1 / 3);
  const centreBendMm = ((EI * y) / (CENTRE_BEND * F)) ** (1 / 3);
  const chuckWhipMm = whip(WHIRL_ROOT.chuck);
  return {
    chuckBendMm,
    chuckWhipMm,
    chuckMm: Math.min(chuckBendMm, chuckWhipMm),
    centreBendMm,
    centreMm: Math.min(centreBendMm, whip(WHIRL_ROOT.centre)),
    spanMm: Math.min(((48 * EI * y) / F) ** (1 / 3), whip(WHIRL_ROOT.span)),
  };
}

export interface SlenderHold {
  readonly support: 'chuck' | 'centre' | 'steadies';
  /** Steadies between chuck and centre; 0 where none is needed. */
  readonly steadies: number;
}

/** A length that is a whole number of spans, within rounding, needs no further steady. */
const SLACK = 1e-9;

/** Steadies that leave no span longer than the limit. */
export const steadiesFor = (lengthMm: number, { spanMm }: Pick<SlenderLimits, 'spanMm'>): number =>
  Math.ceil(lengthMm / spanMm - SLACK) - 1;

/** The least hold with which work of a length stays within its limits: the chuck alone, a centre, or steadies. */
export function slenderHold(lengthMm: number, limits: SlenderLimits): SlenderHold {
  if (lengthMm <= limits.chuckMm) return { support: 'chuck', steadies: 0 };
  if (lengthMm <= limits.centreMm) return { support: 'centre', steadies: 0 };
  return { support: 'steadies', steadies: steadiesFor(lengthMm, limits) };
}
