import type { MetalFamily } from '../material/metal-family';
import type { ToolMaterial } from '../tool/tool-material';

/** Where a sign is looked for. */
export const SIGN_GROUPS = ['chip-shape', 'chip-colour', 'surface', 'sound', 'edge', 'load'] as const;
export type SignGroup = (typeof SIGN_GROUPS)[number];

/** What the tool is made of, as far as signs tell it apart. */
export const SIGN_TOOLS = ['hss', 'cobalt-hss', 'carbon-steel', 'carbide', 'cermet'] as const;
export type SignTool = (typeof SIGN_TOOLS)[number];
/** What a change is made to. */
export const PARAMETERS = [
  'stop',
  'keep',
  'feed',
  'depth',
  'speed',
  'breaker',
  'nose-radius',
  'rake',
  'clearance',
  'lead-angle',
  'edge',
  'tool-material',
  'fluid',
  'overhang',
  'workholding',
  'centre-height',
] as const;
export type Parameter = (typeof PARAMETERS)[number];
export type Direction = 'more' | 'less' | 'renew' | 'check' | 'change' | 'keep' | 'stop';

/** How urgent a sign is: 1 safety, 2 edge, 3 chip and load, 4 finish and size, 5 time. */
export type Priority = 1 | 2 | 3 | 4 | 5;

/** A probable cause of a sign, and the change that answers it. */
export interface Cause {
  /** Share of the cases in which it is this cause; the causes of a sign add up to 1. */
  readonly weight: number;
  readonly parameter: Parameter;
  readonly direction: Direction;
  /** Times the value as it was; null where the change is no multiplication. */
  readonly factor: number | null;
  /** Tools with which it can be the cause; null: with any. */
  readonly tools: readonly SignTool[] | null;
}

/** A row of the rule base. */
export interface Sign {
  readonly group: SignGroup;
  readonly priority: Priority;
  /** Tools and metals with which the sign means this; null: with any. */
  readonly tools: readonly SignTool[] | null;
  readonly metals: readonly MetalFamily[] | null;
  readonly source: string;
  readonly causes: readonly Cause[];
}

export const ANY = null;
export const STEEL_TOOLS: readonly SignTool[] = ['hss', 'cobalt-hss', 'carbon-steel'];
export const HARD_TOOLS: readonly SignTool[] = ['carbide', 'cermet'];

export const sign = (
  group: SignGroup,
  priority: Priority,
  tools: Sign['tools'],
  metals: Sign['metals'],
  source: string,
  causes: readonly Cause[],
): Sign => ({ group, priority, tools, metals, source, causes });

export const cause = (
  weight: number,
  parameter: Parameter,
  direction: Direction,
  factor: number | null = null,
  tools: Cause['tools'] = ANY,
): Cause => ({ weight, parameter, direction, factor, tools });

/** Feed off, tool clear, spindle stopped. */
export const STOP_NOW: Cause = cause(1, 'stop', 'stop');

const TOOL_OF: Readonly<Record<ToolMaterial['key'], SignTool>> = {
  'carbon-steel': 'carbon-steel',
  hss: 'hss',
  'hss-co': 'cobalt-hss',
  'brazed-carbide': 'carbide',
  'carbide-uncoated': 'carbide',
  'carbide-coated': 'carbide',
  'solid-carbide': 'carbide',
};
/** The tool of a cut, as signs tell it apart. */
export const signTool = ({ key }: Pick<ToolMaterial, 'key'>): SignTool => TOOL_OF[key];
