import type { UnitSystem } from '@pike-stone/words';
import { type Drive } from '@pike-stone/core/drive';
import { optionLabel, stageName } from '@pike-stone/words/drive';
import { Pressable, View, type GestureResponderEvent } from 'react-native';
import { apart, type Area } from '../../../kit/drawing/apart';
import { touchX } from '../../../kit/touch';
import { useWidth } from '../../../kit/useWidth';
import { sheet } from '../../../theme/sheet';
import { themed } from '../../../theme/theme';
import { LEAST_TOUCH, SPACE } from '../../../theme/type';
import { driveLayout, type DriveLayout, type Lane, type Wheel } from './drive-layout';
import { DriveArt, shortSize, type DrawnDrive } from './DriveArt';

interface DriveDrawingProps extends DrawnDrive {
  readonly height: number;
  /** Name of the last shaft: spindle, or the crank of a shaper. */
  readonly end?: string;
  /** Missing where the drawing cannot be changed. */
  readonly onPick?: (part: number, option: number) => void;
  readonly onPulley?: (wheel: Wheel) => void;
}

/** The drive from the side, to scale: touch between two pulleys to move the belt there, a pulley to type its size. */
export function DriveDrawing({
  drive,
  at,
  units,
  height,
  end = 'spindle',
  changed,
  onPick,
  onPulley,
}: DriveDrawingProps) {
  const styles = useStyles();
  const { width, onLayout } = useWidth();
  const inMesh = drive.stages.map((stage, i) => stage.kind === 'back-gear' && at[i + 1] === 1);
  const layout = width > 0 ? driveLayout(drive, width, height, inMesh) : null;
  const areas = layout ? touchedAreas(drive, layout, width) : new Map<string, Area>();
  return (
    <View style={styles.paper} onLayout={onLayout} testID="drive-drawing">
      {layout && (
        <View
          style={{ height: layout.height }}
          role={onPick ? 'group' : 'img'}
          aria-label={`Drive: ${saySetting(drive, at)}`}
        >
          <DriveArt
            drive={drive}
            at={at}
            units={units}
            layout={layout}
            changed={changed}
            end={end}
            editable={onPulley !== undefined}
          />
          {onPulley
            && layout.wheels
              .filter(({ stage }) => drive.stages[stage]?.kind === 'belt')
              .map((wheel) => (
                <PulleyTouch
                  key={wheel.key}
                  drive={drive}
                  wheel={wheel}
                  units={units}
                  area={areas.get(wheel.key)!}
                  onPress={() => onPulley(wheel)}
                />
              ))}
          {onPick && <Touches drive={drive} at={at} layout={layout} areas={areas} onPick={onPick} />}
        </View>
      )}
    </View>
  );
}

const saySetting = (drive: Drive, at: readonly number[]): string =>
  drive.stages
    .map((stage, i) => `${stageName(stage)} ${optionLabel(stage, at[i + 1] ?? 0)}`.trim())
    .join(', ');

function PulleyTouch({
  drive,
  wheel,
  units,
  area,
  onPress,
}: {
  drive: Drive;
  wheel: Wheel;
  units: UnitSystem;
  area: Area;
  onPress: () => void;
}) {
  const belt = drive.stages[wheel.stage]!;
  const unit =
    belt.kind === 'belt' && belt.section === 'toothed'
      ? `${wheel.value} teeth`
      : `${shortSize(wheel.value, units)} ${units === 'mm' ? 'mm' : 'in'}`;
  return (
    <Pressable
      role="button"
      aria-label={`${stageName(belt)} ${wheel.option + 1}, ${wheel.side === 'driver' ? 'driving' : 'driven'} pulley ${unit}, change`}
      onPress={onPress}
      style={{ position: 'absolute', ...area }}
    />
  );
}

function Touches({
  drive,
  at,
  layout,
  areas,
  onPick,
}: {
  drive: Drive;
  at: readonly number[];
  layout: DriveLayout;
  areas: ReadonlyMap<string, Area>;
  onPick: (part: number, option: number) => void;
}) {
  return (
    <>
      {drive.stages.map((stage, i) => {
        const lanes = layout.lanes.filter((lane) => lane.stage === i);
        if (stage.kind === 'back-gear') {
          const isIn = at[i + 1] === 1;
          return (
            <Pressable
              key={i}
              role="button"
              aria-label={`Back gear ${isIn ? 'in' : 'out'}, put it ${isIn ? 'out' : 'in'}`}
              onPress={() => onPick(i + 1, isIn ? 0 : 1)}
              style={{ position: 'absolute', ...areas.get(layKey(i))! }}
            />
          );
        }
        if (stage.kind === 'variable')
          return (
            <VariableTouch
              key={i}
              name={stage.name}
              lanes={lanes}
              chosen={at[i + 1] ?? 0}
              onPick={(option) => onPick(i + 1, option)}
            />
          );
        if (lanes.length < 2) return null;
        return lanes.map((lane) => (
          <Pressable
            key={`${i}-${lane.option}`}
            role="radio"
            aria-checked={at[i + 1] === lane.option}
            aria-label={`${stageName(stage)} ${optionLabel(stage, lane.option)}`}
            onPress={() => onPick(i + 1, lane.option)}
            style={{ position: 'absolute', ...areas.get(laneKey(lane))! }}
          />
        ));
      })}
    </>
  );
}

const layKey = (stage: number): string => `back gear ${stage}`;
const laneKey = ({ stage, option }: Lane): string => `lane ${stage} ${option}`;

/** An area of at least a finger's size around the middle of a part. */
function around(part: Area): Area {
  const width = Math.max(LEAST_TOUCH, part.width - SPACE.close);
  const height = Math.max(LEAST_TOUCH, part.height - SPACE.close);
  return {
    left: part.left + (part.width - width) / 2,
    top: part.top + (part.height - height) / 2,
    width,
    height,
  };
}

/**
 * Where each pulley and each step is touched: a pulley at its rim, a step between the rims of its belt or, with
 * gears, at the whole mesh. A finger can tell each two apart.
 */
function touchedAreas(drive: Drive, layout: DriveLayout, width: number): Map<string, Area> {
  const pulleys = layout.wheels
    .filter(({ stage }) => drive.stages[stage]?.kind === 'belt')
    .map(({ key, x, y, ...size }): [string, Area] => [
      key,
      around({ left: x, top: y, width: LEAST_TOUCH + SPACE.close, height: size.height }),
    ]);
  const lanes = layout.lanes
    .filter(({ stage }) => ['belt', 'lever'].includes(drive.stages[stage]!.kind))
    .map((lane): [string, Area] => {
      const isWhole = drive.stages[lane.stage]!.kind === 'lever';
      const [top, bottom] = isWhole ? [lane.top, lane.bottom] : [lane.gapTop, lane.gapBottom];
      return [laneKey(lane), around({ left: lane.x, top, width: lane.width, height: bottom - top })];
    });
  const backGears = layout.layShafts.map(({ stage, x, top, bottom, ...lay }): [string, Area] => [
    layKey(stage),
    around({ left: x, top, width: lay.width, height: bottom - top }),
  ]);
  const all = [...pulleys, ...lanes, ...backGears];
  const placed = apart(
    all.map(([, area]) => area),
    { width, height: layout.height },
  );
  return new Map(all.map(([key], i) => [key, placed[i]!]));
}

function VariableTouch({
  name,
  lanes,
  chosen,
  onPick,
}: {
  name: string;
  lanes: readonly Lane[];
  chosen: number;
  onPick: (option: number) => void;
}) {
  const [first, last] = [lanes[0]!, lanes.at(-1)!];
  const wide = last.x + last.width - first.x;
  const press = (event: GestureResponderEvent) =>
    onPick(Math.min(lanes.length - 1, Math.max(0, Math.floor((touchX(event) / wide) * lanes.length))));
  return (
    <Pressable
      role="slider"
      aria-label={name}
      aria-valuenow={chosen}
      aria-valuemin={0}
      aria-valuemax={lanes.length - 1}
      onPress={press}
      style={{
        position: 'absolute',
        left: first.x,
        width: wide,
        top: first.top,
        height: first.bottom - first.top,
      }}
    />
  );
}

const useStyles = themed((c) =>
  sheet({
    paper: {
      backgroundColor: c.sheet,
      borderTopWidth: 1,
      borderBottomWidth: 1,
      borderColor: c.line,
      minHeight: 120,
    },
  }),
);
