import {
  cutBody,
  fieldsOf,
  KINDS,
  machineBody,
  metalBody,
  rulesBody,
  stockBody,
  toolBody,
  toSetup,
  UNSAID_CHOICE,
  writeOf,
  type CutBody,
  type MachineBody,
  type MetalBody,
  type StockBody,
  type ToolBody,
} from './index';
import { drillPointTopic as drillPoint } from './calc/drill-point';
import { spindleSpeedTopic as spindleSpeed } from './calc/spindle-speed';
import { TOPIC_NAMES } from './calc/topics';
import { openApi } from './openapi';
import { bringLaterBodies } from './later';

bringLaterBodies();

const A = '0192f000-0001-7000-8000-000000000001';
const B = '0192f000-0002-7000-8000-000000000001';
const C = '0192f000-0003-7000-8000-000000000001';

const wheel = { travelPerTurnMm: 5, divisions: 100 };
const mill: MachineBody = {
  kind: 'vertical-mill',
  name: 'Mill',
  condition: 'ordinary',
  light: false,
  speeds: [
    { rpm: 100, setting: 'a' },
    { rpm: 200, setting: 'b' },
  ],
  feeds: [],
  tableWheel: wheel,
  kneeDial: { ...wheel, reads: 'radius', backlashMm: 0.1 },
  quillWheel: wheel,
  note: '',
};
const stock: StockBody = {
  name: 'Bar',
  metal: 'medium-carbon',
  form: 'round',
  sizeMm: 30,
  uncertain: false,
  skinMm: 0,
  note: '',
};
const tool: ToolBody = {
  name: 'End mill',
  kind: 'end-mill',
  material: 'hss',
  dull: false,
  diameterMm: 12,
  teeth: 4,
  fluteLengthMm: 26,
  note: '',
};
const choice = {
  ...UNSAID_CHOICE,
  machineId: A,
  stockId: B,
  toolId: C,
  operation: 'mill-side' as const,
  workDiameterMm: 30,
  stickOutMm: 30,
};
const cut: CutBody = {
  ...choice,
  takenAt: '2026-11-02T10:00:00.000Z',
  names: { machine: 'Mill', stock: 'Bar', tool: 'End mill' },
  diameterMm: 12,
  planned: { rpm: 640, feedMmRev: 0.2, depthMm: 6, setting: 'Belt 3', aimMPerMin: 24 },
  set: { rpm: 640, feedMmRev: 0.2, depthMm: 6 },
  outcome: 'worked',
  remark: '',
};
const faults = (
  schema: { safeParse(value: unknown): { success: boolean; error?: unknown } },
  value: unknown,
) => {
  const read = schema.safeParse(value);
  return read.success ? [] : fieldsOf(read.error as never);
};

describe('what the forms and the server accept', () => {
  it.each([
    ['machine', machineBody, mill],
    ['stock', stockBody, stock],
    ['tool', toolBody, tool],
    ['cut', cutBody, cut],
  ] as const)('a whole %s', (_, schema, body) => expect(faults(schema, body)).toEqual([]));

  it('a piece of a library metal or of the shop’s own, and nothing else', () => {
    expect(faults(stockBody, { ...stock, metal: A })).toEqual([]);
    expect(faults(stockBody, { ...stock, metal: 'cheese' })).toEqual([
      { path: 'metal', message: 'Choose the nearest metal of the list.' },
    ]);
  });

  it('says each fault at its own place', () => {
    expect(faults(machineBody, { ...mill, speeds: [] })).toEqual([
      { path: 'speeds', message: 'Give at least one speed.' },
    ]);
    expect(
      faults(machineBody, {
        ...mill,
        speeds: [
          { rpm: 200, setting: 'b' },
          { rpm: 200, setting: 'c' },
        ],
      }),
    ).toEqual([{ path: 'speeds.1', message: expect.stringContaining('must rise down the list') }]);
    expect(
      faults(metalBody, { name: 'x', baseKey: 'copper', ownSpeeds: { hss: [40, 12] }, note: '' }),
    ).toEqual([{ path: 'ownSpeeds.hss.1', message: 'The high end must not be below the low end.' }]);
    expect(faults(cutBody, { ...cut, remark: 'x'.repeat(2_001) })).toEqual([
      { path: 'remark', message: 'Keep the remark under 2000 characters.' },
    ]);
    expect(faults(cutBody, { ...cut, set: { ...cut.set, rpm: 0 } })).toEqual([
      { path: 'set.rpm', message: 'Must be a number from 1 to 30000 rpm.' },
    ]);
    expect(
      faults(rulesBody, {
        school: 'middle',
        backOffThird: false,
        shortcut: '4*CS/D',
        rungRule: 'nearest',
        overshootPercent: 400,
      }),
    ).toHaveLength(1);
  });

  it('a drive: pulleys the belt can run on, gears in pairs, one or two motor speeds', () => {
    const belt = {
      kind: 'belt',
      name: 'Belt',
      section: 'A',
      slipPercent: 1,
      pairs: [{ driverMm: 60, drivenMm: 120 }],
    };
    const drive = (motorRpm: number[], ...stages: object[]) =>
      faults(machineBody, { ...mill, drive: { motorRpm, stages } });
    expect(drive([1425], belt, { kind: 'back-gear', driversTeeth: [28, 24], drivenTeeth: [72, 76] })).toEqual(
      [],
    );
    expect(drive([1425], { ...belt, pairs: [{ driverMm: 6, drivenMm: 120 }] })).toEqual([
      {
        path: 'drive.stages.0.pairs.0.driverMm',
        message: 'This belt runs inside the rim: the outside must be more than 8.25 mm.',
      },
    ]);
    expect(drive([1425], { ...belt, section: 'flat' })).toEqual([
      { path: 'drive.stages.0.thicknessMm', message: 'A flat or round belt needs its thickness.' },
    ]);
    expect(drive([1425], { kind: 'back-gear', driversTeeth: [28, 24], drivenTeeth: [72] })).toEqual([
      { path: 'drive.stages.0.drivenTeeth', message: 'As many driving as driven gears.' },
    ]);
    expect(drive([1420, 710], belt)).toEqual([
      { path: 'drive.motorRpm.1', message: expect.stringContaining('must rise down the list') },
    ]);
    expect(drive([], belt)).toEqual([{ path: 'drive.motorRpm', message: 'Give the speed of the motor.' }]);
    expect(drive([1425])).toEqual([
      { path: 'drive.stages', message: 'The drive needs at least one belt or gear.' },
    ]);
    expect(drive([1425], { kind: 'variable', name: 'Dial', slowest: 2, fastest: 1 })).toEqual([
      { path: 'drive.stages.0.fastest', message: 'The fastest must be above the slowest.' },
    ]);
  });

  it('every kind of machine, each with its own parts', () => {
    const plain = (({ tableWheel: _t, kneeDial: _k, quillWheel: _q, ...rest }) => rest)(
      mill as Extract<MachineBody, { kind: 'vertical-mill' }>,
    );
    expect(faults(machineBody, { ...plain, kind: 'drill-press', quillWheel: wheel })).toEqual([]);
    expect(
      faults(machineBody, {
        ...plain,
        kind: 'shaper',
        returnRatio: 1.5,
        tableWheel: wheel,
        toolSlide: { ...wheel, reads: 'radius', backlashMm: 0.1 },
        limits: { strokeMm: 350 },
      }),
    ).toEqual([]);
    expect(
      faults(machineBody, {
        ...plain,
        kind: 'shaper',
        returnRatio: 0.5,
        tableWheel: wheel,
        toolSlide: { ...wheel, reads: 'radius', backlashMm: 0.1 },
      }),
    ).toEqual([{ path: 'returnRatio', message: 'Must be a number from 1 to 3.' }]);
    expect(faults(machineBody, { ...plain, kind: 'loom' })).toHaveLength(1);
  });

  it('asks for a version with every write', () => {
    for (const kind of KINDS)
      expect(faults(writeOf(kind), { archived: false, body: {} }).map(({ path }) => path)).toContain(
        'version',
      );
  });
});

describe('putting a set-up together', () => {
  it('takes the measured cutter over the one in the drawer', () => {
    expect(toSetup({ ...choice, cutterDiameterMm: 11.8 }, mill, stock, tool, null).tool).toMatchObject({
      diameterMm: 11.8,
    });
    expect(toSetup(choice, mill, stock, tool, null).tool).toMatchObject({ diameterMm: 12 });
  });

  it('takes the shop’s own metal over the library', () => {
    const metal: MetalBody = {
      name: 'Ours',
      baseKey: 'copper',
      ownSpeeds: { hss: [20, 30] },
      fzPerDiameter: 0.004,
      note: '',
    };
    expect(toSetup(choice, mill, { ...stock, metal: A }, tool, metal).stock).toMatchObject({
      materialKey: 'copper',
      own: { name: 'Ours', speedMPerMin: { hss: [20, 30] }, fzPerDiameter: 0.004 },
    });
    expect(toSetup(choice, mill, stock, tool, null).stock).toMatchObject({
      materialKey: 'medium-carbon',
      own: undefined,
    });
  });
});

describe('the OpenAPI document', () => {
  it('has a path for every kind of record, with its faults', () => {
    const paths = openApi('1.2.3').paths as Record<string, { put?: { responses: object } }>;
    for (const kind of KINDS)
      expect(Object.keys(paths[`/api/${kind}/{id}`]?.put?.responses ?? {})).toEqual([
        '200',
        '400',
        '409',
        '413',
        '415',
      ]);
  });
});

describe('a cut and a tool as older and newer records have them', () => {
  it('an entry from before pitches and angles is still whole', () =>
    expect(faults(cutBody, cut)).toEqual([]));

  it('a pitch, an angle, a length and a way are kept, and refused out of range', () => {
    expect(
      faults(cutBody, {
        ...cut,
        operation: 'thread',
        pitchMm: 1.75,
        way: 'inside',
        lengthMm: 24,
        angleDeg: null,
      }),
    ).toEqual([]);
    expect(faults(cutBody, { ...cut, pitchMm: 40 })).toEqual([
      { path: 'pitchMm', message: 'Must be a number from 0.1 to 25 mm.' },
    ]);
    expect(faults(cutBody, { ...cut, angleDeg: 95 })).toEqual([
      { path: 'angleDeg', message: 'Must be a number from 0.1 to 89 degrees.' },
    ]);
    expect(faults(cutBody, { ...cut, way: 'sideways' })).toHaveLength(1);
    expect(faults(cutBody, { ...cut, support: 'between-centres' })).toEqual([]);
  });

  it('what a tool reaches and is coated with may be unknown', () => {
    expect(faults(toolBody, { ...tool, centreCutting: true, coating: 'with-aluminium' })).toEqual([]);
    expect(faults(toolBody, { ...tool, coating: 'gold' })).toHaveLength(1);
    expect(faults(toolBody, { ...tool, kind: 'slitting-saw', thicknessMm: 1.6, teeth: 48 })).toEqual([]);
  });
});

describe('what can be calculated', () => {
  it('each topic has a path of its own, and its inputs', () => {
    const paths = openApi('1').paths as Record<
      string,
      { post?: { requestBody: { content: Record<string, { schema: object }> } } }
    >;
    for (const topic of TOPIC_NAMES)
      expect(
        paths[`/api/calc/${topic}`]?.post?.requestBody.content['application/json']?.schema,
      ).toBeDefined();
  });

  it('either way of asking is taken, a mixture is not', () => {
    const ask = spindleSpeed.input;
    expect(ask.safeParse({ cutting_speed_m_min: 25, diameter_mm: 40 }).success).toBe(true);
    expect(ask.safeParse({ cutting_speed_sfm: 80, diameter_in: 1.5 }).success).toBe(true);
    expect(ask.safeParse({ cutting_speed_m_min: 25, diameter_in: 1.5 }).success).toBe(false);
  });

  it('what may be left out may be null as well', () => {
    expect(drillPoint.input.parse({ diameter_mm: 10, point_angle_deg: 118, web_mm: null })).toEqual({
      diameter_mm: 10,
      point_angle_deg: 118,
      web_mm: undefined,
    });
    expect(drillPoint.input.safeParse({ diameter_mm: 10 }).success).toBe(false);
  });
});
