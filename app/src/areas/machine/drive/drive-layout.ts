import type { BackGear, BeltDrive, Drive, DriveStage } from '@pike-stone/core/drive';
import { stageOptions } from '@pike-stone/core/drive';

/** A pulley or gear seen from the side: a block on its shaft, to scale across. */
export interface Wheel {
  readonly key: string;
  readonly stage: number;
  readonly option: number;
  readonly side: 'driver' | 'driven';
  readonly toothed: boolean;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  /** Diameter in mm, or number of teeth. */
  readonly value: number;
}

/** Place of one option of a stage: a belt between two pulleys, gears in mesh, or a point of a variable drive. */
export interface Lane {
  readonly stage: number;
  readonly option: number;
  readonly x: number;
  readonly width: number;
  /** Heights of the rims that the belt runs over, upper shaft first, px. */
  readonly top: number;
  readonly bottom: number;
  /** The area between the rims, where a touch moves the belt to, px. */
  readonly gapTop: number;
  readonly gapBottom: number;
}

interface Shaft {
  readonly name: string;
  readonly y: number;
  readonly from: number;
  readonly to: number;
}

/** The gears beside the spindle that slow it, and the shaft they ride on. */
interface LayShaft {
  readonly stage: number;
  readonly y: number;
  readonly x: number;
  readonly width: number;
  readonly top: number;
  readonly bottom: number;
}

export interface DriveLayout {
  readonly width: number;
  readonly height: number;
  readonly shafts: readonly Shaft[];
  readonly wheels: readonly Wheel[];
  readonly lanes: readonly Lane[];
  readonly layShafts: readonly LayShaft[];
}

const EDGE = 8;
const LANE = 52;
const LEAST_LANE = 34;
const GEAR_LANE = 30;
const BELT_ROOM = 54;
const GEAR_ROOM = 64;
const LAY_ROOM = 62;
const CONE_ROOM = 96;
const MOST_PX_PER_MM = 0.7;
/** Diameter that a toothed pulley is drawn with for each of its teeth, mm. */
const MM_PER_TOOTH = 1.6;
const WHEEL_SHARE = 0.86;
/** Extra distance of the lay shaft while its gears are out, px. */
const OUT_OF_MESH = 9;

const drawnMm = (belt: BeltDrive, value: number): number =>
  belt.section === 'toothed' ? value * MM_PER_TOOTH : value;
const halfSum = (belt: BeltDrive): number =>
  Math.max(
    ...belt.pairs.map(({ driverMm, drivenMm }) => (drawnMm(belt, driverMm) + drawnMm(belt, drivenMm)) / 2),
  );
const largest = (belt: BeltDrive, side: 'driverMm' | 'drivenMm'): number =>
  Math.max(...belt.pairs.map((pair) => drawnMm(belt, pair[side])));

const isBelt = (stage: DriveStage | undefined): stage is BeltDrive => stage?.kind === 'belt';
const crossesShafts = (stage: DriveStage): boolean => stage.kind !== 'back-gear';
const lanesOf = (stage: DriveStage): number =>
  stage.kind === 'back-gear' ? 0 : stage.kind === 'variable' ? 3 : stageOptions(stage).length;

/**
 * Where everything of a drive stands on a drawing of a given width: the motor's
 * shaft at the bottom, the spindle at the top, each belt between its two shafts.
 *
 * ```
 *   spindle  ──▂▂─▅▅─██──┤gears├──
 *   belt          ||
 *   counter  ──██─▅▅─▂▂──
 *   belt     ||
 *   motor    ──▂▂──
 * ```
 */
export function driveLayout(
  { stages }: Drive,
  width: number,
  roomForHeight: number,
  inMesh: readonly boolean[],
): DriveLayout {
  const crossing = stages.flatMap((stage, i) => (crossesShafts(stage) ? [{ stage, i }] : []));
  const gears = stages.flatMap((stage, i) => (stage.kind === 'back-gear' ? [{ stage, i }] : []));
  const laneCount = Math.max(
    1,
    crossing.reduce((sum, { stage }) => sum + lanesOf(stage), 0),
  );
  const gearWidth = gears.reduce((sum, { stage }) => sum + GEAR_LANE * stage.driversTeeth.length + EDGE, 0);
  const lane = Math.max(LEAST_LANE, Math.min(LANE, (width - 2 * EDGE - gearWidth) / laneCount));
  const fixed = crossing.reduce(
    (sum, { stage }) =>
      sum + (stage.kind === 'belt' ? BELT_ROOM : stage.kind === 'variable' ? CONE_ROOM : GEAR_ROOM),
    0,
  );
  const [first, last] = [crossing[0]?.stage, crossing.at(-1)?.stage];
  const rims = {
    bottom: isBelt(first) ? largest(first, 'driverMm') / 2 : 20,
    top: isBelt(last) ? largest(last, 'drivenMm') / 2 : 20,
  };
  const layRoom = gears.length > 0 ? LAY_ROOM + 22 : 0;
  const mm =
    crossing.reduce((sum, { stage }) => sum + (isBelt(stage) ? halfSum(stage) : 0), 0)
    + rims.bottom
    + rims.top;
  const scale = Math.min(MOST_PX_PER_MM, Math.max(0.12, (roomForHeight - fixed - layRoom - 2 * EDGE) / mm));

  // Laid out from the motor's shaft upward, and turned over at the end, when the height is known.
  let up = EDGE + rims.bottom * scale + 4;
  let x = EDGE;
  const shafts: { up: number; from: number; to: number }[] = [{ up, from: EDGE / 2, to: 0 }];
  const raw: {
    wheels: (Omit<Wheel, 'y'> & { up: number })[];
    lanes: (Omit<Lane, 'top' | 'bottom' | 'gapTop' | 'gapBottom'> & {
      low: number;
      high: number;
      gapLow: number;
      gapHigh: number;
    })[];
  } = { wheels: [], lanes: [] };
  for (const { stage, i } of crossing) {
    const room = isBelt(stage)
      ? halfSum(stage) * scale + BELT_ROOM
      : stage.kind === 'variable'
        ? CONE_ROOM
        : GEAR_ROOM;
    const from = x;
    const laneWidth = stage.kind === 'variable' ? (3 * lane) / stageOptions(stage).length : lane;
    stageOptions(stage).forEach((_, option) => {
      const [lower, upper] = heights(stage, option, scale, room);
      raw.wheels.push(
        {
          key: `${i}-${option}-driver`,
          stage: i,
          option,
          side: 'driver',
          toothed: stage.kind === 'lever',
          x: x + (laneWidth * (1 - WHEEL_SHARE)) / 2,
          width: laneWidth * WHEEL_SHARE,
          up: up + lower / 2,
          height: lower,
          value: valueOf(stage, option, 'driver'),
        },
        {
          key: `${i}-${option}-driven`,
          stage: i,
          option,
          side: 'driven',
          toothed: stage.kind === 'lever',
          x: x + (laneWidth * (1 - WHEEL_SHARE)) / 2,
          width: laneWidth * WHEEL_SHARE,
          up: up + room + upper / 2,
          height: upper,
          value: valueOf(stage, option, 'driven'),
        },
      );
      raw.lanes.push({
        stage: i,
        option,
        x,
        width: laneWidth,
        low: up - lower / 2,
        high: up + room + upper / 2,
        gapLow: up + lower / 2,
        gapHigh: up + room - upper / 2,
      });
      x += laneWidth;
    });
    shafts.at(-1)!.to = Math.max(shafts.at(-1)!.to, x + EDGE / 2);
    up += room;
    shafts.push({ up, from: from - EDGE / 2, to: x + EDGE / 2 });
  }
  const spindle = shafts.at(-1)!;
  const layShafts = gears.map(({ stage, i }) => {
    const laneFrom = x + EDGE / 2;
    const out = inMesh[i] ? 0 : OUT_OF_MESH;
    layGears(stage, i, laneFrom, spindle.up, spindle.up + LAY_ROOM + out).forEach((wheel) =>
      raw.wheels.push(wheel),
    );
    x = laneFrom + GEAR_LANE * stage.driversTeeth.length + EDGE / 2;
    const reach = Math.max(...raw.wheels.filter((wheel) => wheel.stage === i).map((wheel) => wheel.up));
    return {
      stage: i,
      up: spindle.up + LAY_ROOM + out,
      x: laneFrom,
      width: GEAR_LANE * stage.driversTeeth.length,
      high: reach,
    };
  });
  spindle.to = Math.max(spindle.to, x) + EDGE;
  const tallest = Math.max(...raw.wheels.map((wheel) => wheel.up), up + rims.top * scale);
  // A bull gear may hang lower than the motor's own pulley.
  const lift = Math.max(0, EDGE - Math.min(...raw.wheels.map((wheel) => wheel.up - wheel.height)));
  const height = Math.ceil(tallest + lift + EDGE + 14);
  const y = (value: number): number => height - lift - value;
  const names = shafts.map((_, i) =>
    i === shafts.length - 1 ? 'spindle' : i === 0 ? 'motor' : 'countershaft',
  );
  return {
    width,
    height,
    shafts: shafts.map((shaft, i) => ({
      name: names[i]!,
      y: y(shaft.up),
      from: shaft.from,
      to: Math.min(width - 2, shaft.to),
    })),
    wheels: raw.wheels.map(({ up: top, ...wheel }) => ({ ...wheel, y: y(top) })),
    lanes: raw.lanes.map(({ low, high, gapLow, gapHigh, ...one }) => ({
      ...one,
      top: y(high),
      bottom: y(low),
      gapTop: y(gapHigh),
      gapBottom: y(gapLow),
    })),
    layShafts: layShafts.map(({ up: at, high, ...one }) => ({
      ...one,
      y: y(at),
      top: y(high),
      bottom: y(spindle.up - 40),
    })),
  };
}

/** Drawn diameters of the driver and the driven wheel of one option, px. */
function heights(stage: DriveStage, option: number, scale: number, room: number): readonly [number, number] {
  if (stage.kind === 'belt')
    return [
      drawnMm(stage, stage.pairs[option]!.driverMm) * scale,
      drawnMm(stage, stage.pairs[option]!.drivenMm) * scale,
    ];
  if (stage.kind === 'lever') {
    const { driverTeeth, drivenTeeth } = stage.positions[option]!;
    const share = driverTeeth / (driverTeeth + drivenTeeth);
    return [2 * room * share, 2 * room * (1 - share)];
  }
  // A pair of cones: one grows as the other shrinks.
  const ratio = stageOptions(stage)[option]!.ratio;
  const share = ratio / (1 + ratio);
  return [18 + 46 * share, 18 + 46 * (1 - share)];
}

function valueOf(stage: DriveStage, option: number, side: 'driver' | 'driven'): number {
  if (stage.kind === 'belt') return stage.pairs[option]![side === 'driver' ? 'driverMm' : 'drivenMm'];
  if (stage.kind === 'lever')
    return stage.positions[option]![side === 'driver' ? 'driverTeeth' : 'drivenTeeth'];
  return stageOptions(stage)[option]!.ratio;
}

/** Gears of a back gear by shaft: the first driver on the spindle, its driven gear on the lay shaft, the next driver beside it, and so on. */
function layGears(
  { driversTeeth, drivenTeeth }: BackGear,
  stage: number,
  from: number,
  spindle: number,
  lay: number,
): (Omit<Wheel, 'y'> & { up: number })[] {
  return driversTeeth.flatMap((driver, i) => {
    const driven = drivenTeeth[i] ?? driver;
    const [driverUp, drivenUp] = i % 2 === 0 ? [spindle, lay] : [lay, spindle];
    const high = (teeth: number): number => (2 * LAY_ROOM * teeth) / (driver + driven);
    const common = {
      stage,
      option: i,
      toothed: true,
      x: from + i * GEAR_LANE + 2,
      width: GEAR_LANE - 4,
    } as const;
    return [
      {
        ...common,
        key: `${stage}-${i}-driver`,
        side: 'driver' as const,
        up: driverUp + high(driver) / 2,
        height: high(driver),
        value: driver,
      },
      {
        ...common,
        key: `${stage}-${i}-driven`,
        side: 'driven' as const,
        up: drivenUp + high(driven) / 2,
        height: high(driven),
        value: driven,
      },
    ];
  });
}
