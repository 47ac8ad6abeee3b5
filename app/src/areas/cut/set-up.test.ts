import type { CutChoice, MachineBody, ToolBody } from '@pike-stone/contract';
import { machineFor } from './cut-with';
import { addressOf, changed, firstDraft, fromQuery, toQuery, type Drawer } from './set-up';

const id = (group: number, n: number): string => `0192f000-000${group}-7000-8000-00000000000${n}`;
const machine = (n: number, kind: 'lathe' | 'vertical-mill') => ({
  id: id(1, n),
  archived: false,
  body: { kind, name: kind } as MachineBody,
});
const tool = (n: number, kind: ToolBody['kind'], archived = false) => ({
  id: id(3, n),
  archived,
  body: { kind, name: kind } as ToolBody,
});
const drawer: Drawer = {
  machines: [machine(1, 'vertical-mill'), machine(2, 'lathe')],
  stock: [
    { id: id(2, 1), archived: false, body: { sizeMm: 50 } },
    { id: id(2, 2), archived: false, body: { sizeMm: 20 } },
  ],
  tools: [
    tool(1, 'drill'),
    tool(2, 'turning-tool', true),
    tool(3, 'turning-tool'),
    tool(4, 'end-mill'),
    tool(5, 'face-mill'),
  ],
};
const draft = firstDraft(drawer) as CutChoice;

describe('a first set-up', () => {
  it('is turning on the lathe with a tool that is not put away', () =>
    expect(draft).toMatchObject({
      machineId: id(1, 2),
      operation: 'turn',
      toolId: id(3, 3),
      workDiameterMm: 50,
    }));
  it('takes a tool that suits the metal before one that does not', () => {
    const turning = (n: number, more: Partial<ToolBody>) => ({
      ...tool(n, 'turning-tool'),
      body: { ...tool(n, 'turning-tool').body, material: 'hss', dull: false, ...more } as ToolBody,
    });
    const steel = { id: id(2, 3), archived: false, body: { sizeMm: 40, metal: 'medium-carbon' } };
    const chosen = (...tools: (typeof drawer.tools)[number][]) =>
      firstDraft({ ...drawer, stock: [steel as (typeof drawer.stock)[number]], tools })?.toolId;
    expect(
      chosen(turning(1, { material: 'carbide-uncoated' }), turning(2, { dull: true }), turning(3, {})),
    ).toBe(id(3, 3));
    expect(chosen(turning(1, { dull: true }))).toBe(id(3, 1));
  });
  it('is dry for carbide in steel, with a brush for high speed steel; another tool takes its usual fluid along', () => {
    const steel = { id: id(2, 3), archived: false, body: { sizeMm: 40, metal: 'medium-carbon' } };
    const edges = (['carbide-coated', 'hss'] as const).map((material, i) => ({
      ...tool(i + 1, 'turning-tool'),
      body: { ...tool(i + 1, 'turning-tool').body, material, dull: false } as ToolBody,
    }));
    const shop = { ...drawer, stock: [steel], tools: edges };
    const first = firstDraft(shop)!;
    expect([first.toolId, first.fluid]).toEqual([id(3, 1), 'dry']);
    const other = changed(first, { toolId: id(3, 2) }, shop);
    expect(other.fluid).toBe('brush');
    const flooded = changed(first, { fluid: 'flood' }, shop);
    expect(changed(flooded, { toolId: id(3, 2) }, shop).fluid).toBe('flood');
  });
  it('is none while the drawer lacks something', () =>
    expect(firstDraft({ ...drawer, tools: [] })).toBeNull());
});

describe('changing a set-up', () => {
  it('finds operation and tool for another machine', () =>
    expect(changed(draft, { machineId: id(1, 1) }, drawer)).toMatchObject({
      operation: 'mill-side',
      toolId: id(3, 4),
      depthMm: null,
      stickOutMm: 30,
    }));

  it('takes the size of other stock, and keeps a depth typed for the same operation', () => {
    const typed = changed(draft, { depthMm: 0.8 }, drawer);
    expect(changed(typed, { stockId: id(2, 2) }, drawer)).toMatchObject({ workDiameterMm: 20, depthMm: 0.8 });
  });

  it('asks the ladder afresh after another diameter, tool or metal, not after another depth', () => {
    const picked = changed(draft, { rpmByHand: 440 }, drawer);
    expect(changed(picked, { workDiameterMm: 10 }, drawer).rpmByHand).toBeNull();
    expect(changed(picked, { stockId: id(2, 2) }, drawer).rpmByHand).toBeNull();
    expect(changed(picked, { depthMm: 1 }, drawer).rpmByHand).toBe(440);
  });

  it('lets go of the depth of a thread with its pitch, of what one operation asks with the operation', () => {
    const thread: CutChoice = { ...draft, operation: 'thread', depthMm: 1.37, pitchMm: 2 };
    const drawers = { ...drawer, tools: [...drawer.tools, tool(6, 'threading-tool')] };
    expect(changed(thread, { pitchMm: 1.5 }, drawers)).toMatchObject({ pitchMm: 1.5, depthMm: null });
    expect(changed(thread, { stickOutMm: 70 }, drawers)).toMatchObject({ pitchMm: 2, depthMm: 1.37 });
    expect(changed(thread, { operation: 'turn' }, drawers)).toMatchObject({
      pitchMm: null,
      depthMm: null,
      way: null,
    });
  });

  it('forgets a measured cutter with the cutter', () => {
    const milling = changed(
      changed(draft, { machineId: id(1, 1) }, drawer),
      { cutterDiameterMm: 11.8 },
      drawer,
    );
    expect(changed(milling, { operation: 'face-mill' }, drawer)).toMatchObject({
      toolId: id(3, 5),
      cutterDiameterMm: null,
    });
  });
});

describe('a set-up as an address', () => {
  it('comes back whole', () => {
    const full: CutChoice = {
      ...draft,
      interrupted: true,
      firstPassOnSkin: true,
      depthMm: 0.8,
      rpmByHand: 440,
      cutterDiameterMm: 11.8,
      support: 'chuck-and-centre',
    };
    expect(fromQuery(toQuery(full))).toEqual(full);
    expect(fromQuery(toQuery(draft))).toEqual(draft);
  });

  it('is one and the same in whatever order it was written', () => {
    const backwards = Object.fromEntries(Object.entries(draft).reverse()) as unknown as CutChoice;
    expect(addressOf(backwards)).toBe(addressOf(draft));
    expect(addressOf({ ...draft, depthMm: 1 })).not.toBe(addressOf(draft));
  });

  it.each([
    {},
    { operation: 'turn' },
    { ...toQuery(draft), workDiameterMm: '1e99' },
    { ...toQuery(draft), workDiameterMm: 'ten' },
    { ...toQuery(draft), machineId: 'nobody' },
    { ...toQuery(draft), operation: 'dance' },
  ])('is none when it is not whole: %p', (query) => {
    expect(fromQuery(query as Record<string, string>)).toBeNull();
  });
});

describe('the machine for an operation', () => {
  it('is the one that is set up where it does it, else the first that does', () => {
    expect(machineFor('turn', id(1, 1), drawer)).toBe(id(1, 2));
    const two = { ...drawer, machines: [...drawer.machines, machine(3, 'lathe')] };
    expect(machineFor('turn', id(1, 3), two)).toBe(id(1, 3));
    expect(machineFor('mill-side', id(1, 3), two)).toBe(id(1, 1));
  });
  it('is none where no machine does it, or the one that did is put away', () => {
    expect(machineFor('shape', id(1, 1), drawer)).toBeNull();
    const away = drawer.machines.map((one) => ({ ...one, archived: true }));
    expect(machineFor('turn', id(1, 2), { ...drawer, machines: away })).toBeNull();
  });
});
