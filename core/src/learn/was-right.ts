import type { Outcome, Verdict } from '../operation/how-it-went';
import { HARD_TOOLS, type SignTool } from './sign';
import type { SignKey } from './sign-rows';

/** What a cut says of its speed and its feed; null where it tells nothing. */
export interface Verdicts {
  readonly speed: Verdict | null;
  readonly feed: Verdict | null;
}

/** Signs of an edge that was too hot or died. */
const SPEED_TOO_FAST: readonly SignKey[] = [
  'chip-dark-blue',
  'chip-black',
  'burnt-smell',
  'edge-blued',
  'crater',
  'nose-deformed',
  'flank-fast',
  'smoke-oil',
];
/** Signs of carbide below its useful speed. */
const CARBIDE_TOO_SLOW: readonly SignKey[] = [
  'chip-silver-carbide',
  'built-up-edge',
  'torn-surface',
  'welded-specks',
  'thick-torn-chip',
];
const FEED_TOO_FINE: readonly SignKey[] = ['long-ribbon', 'ribbon-winding', 'powder-dust', 'glazed-hard'];
const FEED_TOO_HEAVY: readonly SignKey[] = [
  'tight-clock-spring',
  'feed-threads',
  'chipped-edge',
  'edge-flew',
  'current-high',
  'spindle-stalls',
];
/** Signs that leave open whether the setting was right. */
const UNSETTLING: readonly SignKey[] = [
  'chatter-marks',
  'rumble-low',
  'work-moved',
  'bang-on-entry',
  'digs-in',
];

const some = (signs: readonly SignKey[], among: readonly SignKey[]): boolean =>
  signs.some((key) => among.includes(key));

/** One way only, else right where nothing unsettled the cut and it went well; null: it tells nothing. */
function verdict(tooSlow: boolean, tooFast: boolean, wentWell: boolean): Verdict | null {
  if (tooSlow !== tooFast) return tooSlow ? 'too-slow' : 'too-fast';
  return !tooSlow && wentWell ? 'right' : null;
}

/**
 * What a cut says about its speed and its feed: an edge that died counts as too fast,
 * built-up edge and cold silver chips with carbide as too slow, a cut that went well
 * without such a sign as right. A cut that did not go well for another reason says nothing.
 */
export function wasRight(tool: SignTool, signs: readonly SignKey[], outcome: Outcome): Verdicts {
  const wentWell = outcome === 'worked' && !some(signs, UNSETTLING);
  const isCold = HARD_TOOLS.includes(tool) && some(signs, CARBIDE_TOO_SLOW);
  return {
    speed: verdict(isCold, some(signs, SPEED_TOO_FAST), wentWell),
    feed: verdict(some(signs, FEED_TOO_FINE), some(signs, FEED_TOO_HEAVY), wentWell),
  };
}
