import type { MetalFamily } from '../material/metal-family';
import type { Cause, Sign, SignGroup, SignTool } from './sign';
import { CHIP_SIGNS } from './signs/chip';
import { EDGE_SIGNS } from './signs/edge';
import { LOAD_SIGNS } from './signs/load';
import { SOUND_SIGNS } from './signs/sound';
import { SURFACE_SIGNS } from './signs/surface';

const ROWS = { ...CHIP_SIGNS, ...SURFACE_SIGNS, ...SOUND_SIGNS, ...EDGE_SIGNS, ...LOAD_SIGNS };

export type SignKey = keyof typeof ROWS;
/** The rule base: every sign with its causes. */
export const SIGNS: Readonly<Record<SignKey, Sign>> = ROWS;
export const SIGN_KEYS = Object.keys(ROWS) as SignKey[];
export const isSign = (key: string): key is SignKey => Object.hasOwn(ROWS, key);

const among = <Value>(list: readonly Value[] | null, value: Value): boolean =>
  list === null || list.includes(value);

/** Whether a row says anything about a tool in a metal. */
export const applies = ({ tools, metals }: Sign, tool: SignTool, metal: MetalFamily): boolean =>
  among(tools, tool) && among(metals, metal);

/** A cause with its place in the row of its sign. */
interface PlacedCause extends Cause {
  readonly place: number;
}
/** The causes of a sign that can be with a tool, their weights scaled to add up to 1 again. */
export function causesWith({ causes }: Sign, tool: SignTool): readonly PlacedCause[] {
  const possible = causes.map((one, place) => ({ ...one, place })).filter((one) => among(one.tools, tool));
  const whole = possible.reduce((sum, { weight }) => sum + weight, 0);
  return possible.map((one) => ({ ...one, weight: one.weight / whole }));
}

/** The signs that can be seen with a tool in a metal, by group, in the order of the rule base. */
export const signsOf = (group: SignGroup, tool: SignTool, metal: MetalFamily): SignKey[] =>
  SIGN_KEYS.filter((key) => SIGNS[key].group === group && applies(SIGNS[key], tool, metal));

/** Signs of which one cut shows one at the most. */
const ONE_OF: readonly (readonly SignKey[])[] = [
  ['long-ribbon', 'good-arcs', 'powder-dust', 'tight-clock-spring'],
  ['ribbon-winding', 'good-arcs'],
  ['stringy-hair', 'good-arcs'],
  ['chip-dark-blue', 'chip-blue-carbide', 'chip-silver-carbide', 'chip-straw', 'chip-black'],
  ['hiss-crackle', 'squeal', 'chatter-marks', 'rumble-low', 'knock-once-per-rev', 'bang-on-entry'],
  ['flank-even', 'flank-fast'],
  ['wisp-smoke', 'smoke-oil'],
  ['cut-too-slow', 'handwheel-hard'],
  ['cut-too-slow', 'current-high'],
  ['cut-too-slow', 'spindle-stalls'],
];

/** Pairs of signs that one cut cannot show together. */
export function exclusions(signs: readonly SignKey[]): (readonly [SignKey, SignKey])[] {
  return ONE_OF.flatMap((set) => {
    const seen = set.filter((key) => signs.includes(key));
    return seen.slice(1).map((key): readonly [SignKey, SignKey] => [seen[0]!, key]);
  });
}
