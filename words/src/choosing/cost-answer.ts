import type { BreakEvenBand, CheapestSpeed, Spread } from '@pike-stone/core/choose';
import { formatSurfaceSpeed, joined, type UnitSystem } from '../format';
import { EDGE_NAMES } from '../tool-name';
import { formatMoney } from './money';

const ALMOST_ALWAYS = 0.995;
/** A share that is counted closer than this needs no word about it. */
const LEAST_ERROR = 0.0005;

/** Which tool is the cheaper, and in how many of the trials. */
export function sayCheaper(probabilityCarbideCheaper: number): string {
  const cheaper = probabilityCarbideCheaper >= 0.5 ? 'Carbide' : 'High speed steel';
  const sure = Math.max(probabilityCarbideCheaper, 1 - probabilityCarbideCheaper);
  const often = sure > ALMOST_ALWAYS ? 'almost always' : `${Math.round(100 * sure)} times in 100`;
  return `${cheaper} is cheaper, ${often}`;
}

/** What a part costs with a tool, from and to, and the whole job where it is more than one. */
export function sayCostOf(family: 'hss' | 'carbide', { p10, p50, p90 }: Spread, parts: number): string {
  const name = family === 'hss' ? 'High speed steel' : 'Carbide';
  const job = parts > 1 ? `; about ${formatMoney(p50 * parts)} for ${parts}` : '';
  return `${name}: ${formatMoney(p10)} to ${formatMoney(p90)} a part, ${formatMoney(p50)} in the middle${job}.`;
}

/** Where the figures come from. */
export const sayTrials = (trials: number, shareError: number): string =>
  `Eight times in ten it lies between the two figures. Found by ${trials.toLocaleString('en')} trials${
    shareError < LEAST_ERROR ? '' : `, so the share is counted to ±${(200 * shareError).toFixed(1)} in 100`
  }; what it is worth depends on what goes in.`;

const whole = (value: number): string => Math.ceil(value).toLocaleString('en');

/** From how many parts the other tool is the cheaper. */
export function sayTurning(
  begin: { readonly hss: number; readonly carbide: number },
  band: BreakEvenBand | null,
  parts: number,
): string {
  if (begin.hss === 0 && begin.carbide === 0)
    return 'Both are in the drawer: nothing has to be bought first, so the part alone decides.';
  const [first, other] =
    begin.hss < begin.carbide ? ['High speed steel', 'carbide'] : ['Carbide', 'high speed steel'];
  const costs = `To begin, high speed steel costs ${formatMoney(begin.hss)} and carbide ${formatMoney(begin.carbide)}.`;
  if (!band) return `${costs} ${first} is cheaper to begin with and by the part: it never turns.`;
  const most = band.high === null ? 'or never' : `to ${whole(band.high)}`;
  return `${costs} ${first} is cheaper up to about ${whole(band.parts)} parts, then ${other}; it may be ${whole(band.low)} ${most}. You make ${parts}.`;
}

/** The speeds of a tool that cost least and make most, beside what is planned. */
export function sayCheapestSpeed(
  { tool, plannedMPerMin, found: { minCost, maxOutput, limitedByMachine, setMPerMin } }: CheapestSpeed,
  units: UnitSystem,
): string {
  const speed = (mPerMin: number) => joined(formatSurfaceSpeed(mPerMin, units));
  const held = limitedByMachine ? ` The machine ends at ${speed(setMPerMin)}.` : '';
  return `${EDGE_NAMES[tool.material]}: a part costs least at ${speed(minCost.vcMPerMin)}, most parts are made at ${speed(maxOutput.vcMPerMin)}; planned is ${speed(plannedMPerMin)}.${held}`;
}
