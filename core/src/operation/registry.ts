import type { MachineKind } from '../machine/machine';
import type { Tool } from '../tool/tool';
import { bore } from './bore/bore';
import { centreDrill } from './centre-drill/centre-drill';
import { chamfer } from './chamfer/chamfer';
import { dovetail } from './dovetail/dovetail';
import { drill } from './drill/drill';
import { faceMill } from './face-mill/face-mill';
import { face } from './face/face';
import { file } from './file/file';
import { flyCut } from './fly-cut/fly-cut';
import { formMill } from './form-mill/form-mill';
import { form } from './form/form';
import { groove } from './groove/groove';
import type { Job, Way } from './job';
import { knurl } from './knurl/knurl';
import { millBore } from './mill-bore/mill-bore';
import { millSide } from './mill-side/mill-side';
import { millSlot } from './mill-slot/mill-slot';
import type { Operation } from './operation';
import { part } from './part/part';
import { plunge } from './plunge/plunge';
import { ramp } from './ramp/ramp';
import { ream } from './ream/ream';
import { saw } from './saw/saw';
import { shape } from './shape/shape';
import { shoulder } from './shoulder/shoulder';
import { tSlot } from './t-slot/t-slot';
import { taper } from './taper/taper';
import { thread } from './thread/thread';
import { turn } from './turn/turn';

/** Keys of all operations, as they stand in records and addresses. */
export const OPERATION_KEYS = [
  'turn',
  'face',
  'shoulder',
  'bore',
  'drill',
  'centre-drill',
  'ream',
  'part',
  'groove',
  'thread',
  'knurl',
  'form',
  'chamfer',
  'taper',
  'file',
  'shape',
  'mill-side',
  'mill-slot',
  'plunge',
  'ramp',
  'face-mill',
  'fly-cut',
  'saw',
  'mill-bore',
  'form-mill',
  't-slot',
  'dovetail',
] as const;
export type OperationKey = (typeof OPERATION_KEYS)[number];

/** Every operation by its key. */
export const OPERATIONS: Readonly<Record<OperationKey, Operation>> = {
  turn,
  face,
  shoulder,
  bore,
  drill,
  'centre-drill': centreDrill,
  ream,
  part,
  groove,
  thread,
  knurl,
  form,
  chamfer,
  taper,
  file,
  shape,
  'mill-side': millSide,
  'mill-slot': millSlot,
  plunge,
  ramp,
  'face-mill': faceMill,
  'fly-cut': flyCut,
  saw,
  'mill-bore': millBore,
  'form-mill': formMill,
  't-slot': tSlot,
  dovetail,
};

/** What each kind of machine does, the commonest first. */
export const MACHINE_OPERATIONS: Readonly<Record<MachineKind, readonly OperationKey[]>> = {
  lathe: [
    'turn',
    'face',
    'shoulder',
    'bore',
    'drill',
    'centre-drill',
    'ream',
    'part',
    'groove',
    'chamfer',
    'thread',
    'taper',
    'knurl',
    'form',
    'file',
  ],
  'vertical-mill': [
    'mill-side',
    'mill-slot',
    'plunge',
    'ramp',
    'face-mill',
    'fly-cut',
    'saw',
    'drill',
    'centre-drill',
    'ream',
    'mill-bore',
    'form-mill',
    't-slot',
    'dovetail',
  ],
  'horizontal-mill': [
    'face-mill',
    'mill-side',
    'mill-slot',
    'saw',
    'form-mill',
    'plunge',
    'ramp',
    'fly-cut',
    'drill',
    'centre-drill',
    'ream',
    'mill-bore',
    't-slot',
    'dovetail',
  ],
  'drill-press': ['drill', 'centre-drill', 'ream'],
  shaper: ['shape'],
};

/** Everything that is chosen for one cut: what is done, and with what. */
export interface CutSetup<T extends Tool = Tool> extends Job<T> {
  readonly operation: OperationKey;
}

/** Whether a tool is of the kind an operation is done with. */
export const fitsOperation = (tool: Pick<Tool, 'kind'>, operation: OperationKey): boolean =>
  tool.kind === OPERATIONS[operation].tool;

/**
 * The operation of a set-up.
 * @throws Error when the tool is of another kind: this is checked where a set-up comes in
 */
export function operationOf({ operation, tool }: Pick<CutSetup, 'operation' | 'tool'>): Operation {
  const found = OPERATIONS[operation];
  if (tool.kind !== found.tool)
    throw new Error(`${operation} is done with a ${found.tool}, not a ${tool.kind}`);
  return found;
}

/** Whether a set-up is done with a tool of this kind: what belongs to the kind may be asked then. */
export const isDoneWith = <K extends Tool['kind']>(
  setup: CutSetup,
  kind: K,
): setup is CutSetup<Extract<Tool, { readonly kind: K }>> => setup.tool.kind === kind;

/** The way it is done: as chosen, else the usual one; null where there is one only. */
export const chosenWay = ({ operation, way }: Pick<CutSetup, 'operation' | 'way'>): Way | null => {
  const { ways } = OPERATIONS[operation];
  return ways.find((one) => one === way) ?? ways[0] ?? null;
};
