import {
  cutChoice,
  UNSAID_CHOICE,
  type CutChoice,
  type MachineBody,
  type ToolBody,
} from '@pike-stone/contract';
import {
  fitsOperation,
  MACHINE_OPERATIONS,
  MATERIALS,
  OPERATIONS,
  toolMaterial,
  unsuited,
  type Material,
  type OperationKey,
} from '@pike-stone/core';

interface Known<Body> {
  readonly id: string;
  readonly archived: boolean;
  readonly body: Body;
}
export interface Drawer {
  readonly machines: readonly Known<MachineBody>[];
  readonly stock: readonly Known<{ readonly sizeMm: number; readonly metal?: string }>[];
  readonly tools: readonly Known<ToolBody>[];
}

/** Parts of a set-up that belong to one operation, cleared when another is chosen. */
const NOTHING_OWN = {
  depthMm: null,
  widthMm: null,
  lengthMm: null,
  angleDeg: null,
  pitchMm: null,
  way: null,
  runOut: null,
} as const;
const usable = <B>(list: readonly Known<B>[]) => list.filter((one) => !one.archived);

/** Machines that have at least one operation. */
export const canCut = (machine: { readonly body: Pick<MachineBody, 'kind'> }): boolean =>
  MACHINE_OPERATIONS[machine.body.kind].length > 0;

/** Operations that a machine can do with the tools of the drawer, the most usual first. */
export const doableOn = (
  machine: { readonly body: Pick<MachineBody, 'kind'> },
  drawer: Drawer,
): OperationKey[] =>
  MACHINE_OPERATIONS[machine.body.kind].filter((operation) => usable(drawer.tools).some(fits(operation)));

/** What a set-up of an operation starts with, before its records are known. */
export const fresh = (
  operation: OperationKey,
): Omit<CutChoice, 'machineId' | 'stockId' | 'toolId' | 'workDiameterMm'> => ({
  ...UNSAID_CHOICE,
  ...NOTHING_OWN,
  operation,
  stickOutMm: OPERATIONS[operation].usualStickOutMm,
});

/** Carbide is wetted where a dry cut costs it more than this share of its speed; high speed steel where it costs any. */
const CARBIDE_WET_UNDER = 0.9;

/** The usual fluid: a brush for high speed steel where metal sticks, dry for iron, brass and carbide. */
export const usualFluid = (
  { material: edge }: Pick<ToolBody, 'material'>,
  { noFluidFactor }: Pick<Material, 'noFluidFactor'>,
): CutChoice['fluid'] => {
  const { family } = toolMaterial(edge);
  const dry = noFluidFactor[family];
  return dry < (family === 'carbide' ? CARBIDE_WET_UNDER : 1) ? 'brush' : 'dry';
};

/** A first set-up from the drawer's records; null when machine, stock or tool is missing. */
export function firstDraft(drawer: Drawer): CutChoice | null {
  const able = usable(drawer.machines).filter((one) => doableOn(one, drawer).length > 0);
  const machine = able.find((one) => one.body.kind === 'lathe') ?? able[0];
  const operation = machine && doableOn(machine, drawer)[0];
  const stock = usable(drawer.stock)[0];
  const fitting = operation ? usable(drawer.tools).filter(fits(operation)) : [];
  const metal = MATERIALS.find(({ key }) => key === stock?.body.metal);
  const tool = fitting.find(({ body }) => metal && unsuited(body, metal) === null) ?? fitting[0];
  if (!stock || !tool || !operation) return null;
  return {
    ...fresh(operation),
    fluid: metal ? usualFluid(tool.body, metal) : 'brush',
    machineId: machine.id,
    stockId: stock.id,
    toolId: tool.id,
    workDiameterMm: Math.min(stock.body.sizeMm, 300),
  };
}

/** The records that a set-up names, checked to fit each other; null when one is missing or does not fit. */
export function standing(draft: CutChoice, drawer: Drawer): CutChoice | null {
  const named = fitted(draft, drawer);
  const machine = drawer.machines.find((one) => one.id === named.machineId);
  const tool = drawer.tools.find((one) => one.id === named.toolId);
  const whole =
    machine
    && MACHINE_OPERATIONS[machine.body.kind].includes(named.operation)
    && tool
    && fitsOperation(tool.body, named.operation)
    && drawer.stock.some((one) => one.id === named.stockId);
  return whole ? named : null;
}

/** Changes a set-up and clears the parts that do not fit the change. */
export function changed(draft: CutChoice, change: Partial<CutChoice>, drawer: Drawer): CutChoice {
  const next = { ...draft, ...change };
  if (
    change.machineId !== undefined
    || change.operation !== undefined
    || change.toolId !== undefined
    || change.stockId !== undefined
  ) {
    next.rpmByHand = null;
    next.feedByHand = null;
  }
  if (change.operation !== undefined && change.operation !== draft.operation)
    Object.assign(next, { ...NOTHING_OWN, stickOutMm: OPERATIONS[change.operation].usualStickOutMm });
  if (change.toolId !== undefined && change.toolId !== draft.toolId)
    Object.assign(next, { cutterDiameterMm: null, widthMm: null });
  if (change.stockId !== undefined && change.stockId !== draft.stockId) {
    const stock = drawer.stock.find((one) => one.id === change.stockId);
    if (stock) next.workDiameterMm = stock.body.sizeMm;
  }
  // The depth of a thread or knurl follows from its pitch. A depth that came from the book belongs to the pitch before.
  if (
    OPERATIONS[next.operation].asks.pitchMm
    && (change.pitchMm !== undefined || change.way !== undefined || change.workDiameterMm !== undefined)
  )
    next.depthMm = null;
  // A new diameter, fluid or condition makes the plan choose the speed step anew.
  if (change.workDiameterMm !== undefined || change.cutterDiameterMm !== undefined) next.rpmByHand = null;
  const done = fitted(next, drawer);
  // The usual fluid stays the usual one with another tool or metal; one that was chosen stays as it is.
  const isUsual = change.fluid === undefined && draft.fluid === fluidFor(draft, drawer);
  return isUsual ? { ...done, fluid: fluidFor(done, drawer) } : done;
}

/** The usual fluid for the tool and the metal of a set-up. */
function fluidFor({ toolId, stockId, fluid }: CutChoice, { tools, stock }: Drawer): CutChoice['fluid'] {
  const tool = tools.find(({ id }) => id === toolId)?.body;
  const metal = stock.find(({ id }) => id === stockId)?.body.metal;
  const row = MATERIALS.find(({ key }) => key === metal);
  return tool && row ? usualFluid(tool, row) : fluid;
}

/** Chooses an operation and a tool that fit the machine where the present ones do not. */
function fitted(draft: CutChoice, drawer: Drawer): CutChoice {
  const machine = drawer.machines.find((one) => one.id === draft.machineId);
  if (!machine || !canCut(machine)) return draft;
  const allowed = MACHINE_OPERATIONS[machine.body.kind];
  const operation = allowed.includes(draft.operation)
    ? draft.operation
    : (doableOn(machine, drawer)[0] ?? allowed[0]!);
  const next =
    operation === draft.operation
      ? draft
      : { ...draft, operation, ...NOTHING_OWN, stickOutMm: OPERATIONS[operation].usualStickOutMm };
  const tool = drawer.tools.find((one) => one.id === next.toolId);
  if (tool && fitsOperation(tool.body, operation)) return next;
  const other = usable(drawer.tools).find(fits(operation));
  return other ? { ...next, toolId: other.id, cutterDiameterMm: null } : next;
}

/** Tools that this operation can be done with. */
export const fits =
  (operation: OperationKey) =>
  (tool: { readonly body: ToolBody }): boolean =>
    fitsOperation(tool.body, operation);

/** A set-up as an address, so that it can be sent, kept and opened again. */
export function toQuery(draft: CutChoice): Record<string, string> {
  return Object.fromEntries(
    Object.entries(draft)
      .filter(([, value]) => value !== null && value !== undefined && value !== false)
      .map(([key, value]) => [key, String(value)]),
  );
}

/** A text that is equal for equal set-ups, whatever the order of their parts. */
export function addressOf(draft: CutChoice): string {
  const said = new URLSearchParams(toQuery(draft));
  said.sort();
  return said.toString();
}

/** Reads an address back; null when it is not a whole set-up. */
export function fromQuery(query: Readonly<Record<string, string | string[] | undefined>>): CutChoice | null {
  const one = (key: string) => (typeof query[key] === 'string' ? query[key] : undefined);
  const number = (key: string) => (one(key) === undefined ? null : Number(one(key)));
  const read = cutChoice.safeParse({
    machineId: one('machineId'),
    stockId: one('stockId'),
    toolId: one('toolId'),
    operation: one('operation'),
    workDiameterMm: number('workDiameterMm'),
    cutterDiameterMm: number('cutterDiameterMm'),
    stickOutMm: number('stickOutMm'),
    support: one('support'),
    fluid: one('fluid'),
    interrupted: one('interrupted') === 'true',
    firstPassOnSkin: one('firstPassOnSkin') === 'true',
    depthMm: number('depthMm'),
    widthMm: number('widthMm'),
    rpmByHand: number('rpmByHand'),
    feedByHand: number('feedByHand'),
    lengthMm: number('lengthMm'),
    angleDeg: number('angleDeg'),
    pitchMm: number('pitchMm'),
    way: one('way') ?? null,
    runOut: one('runOut') === 'true' ? true : null,
  });
  return read.success ? read.data : null;
}
