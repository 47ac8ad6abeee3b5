import type { UnitSystem } from '@pike-stone/words';
import { type Drive } from '@pike-stone/core/drive';
import { optionLabel, stageName } from '@pike-stone/words/drive';
import { useState } from 'react';
import { Pressable, View, type GestureResponderEvent } from 'react-native';
import { touchX } from '../../../kit/touch';
import { sheet } from '../../../theme/sheet';
import { themed } from '../../../theme/theme';
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

const LEAST_TOUCH = 48;

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
  const [width, setWidth] = useState(0);
  const inMesh = drive.stages.map((stage, i) => stage.kind === 'back-gear' && at[i + 1] === 1);
  const layout = width > 0 ? driveLayout(drive, width, height, inMesh) : null;
  return (
    <View
      style={styles.paper}
      onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
      testID="drive-drawing"
    >
      {layout && (
        <View
          style={{ height: layout.height }}
          role={onPick ? undefined : 'img'}
          aria-label={onPick ? undefined : saySetting(drive, at)}
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
                  onPress={() => onPulley(wheel)}
                />
              ))}
          {onPick && <Touches drive={drive} at={at} layout={layout} onPick={onPick} />}
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
  onPress,
}: {
  drive: Drive;
  wheel: Wheel;
  units: UnitSystem;
  onPress: () => void;
}) {
  const belt = drive.stages[wheel.stage]!;
  const unit =
    belt.kind === 'belt' && belt.section === 'toothed'
      ? `${wheel.value} teeth`
      : `${shortSize(wheel.value, units)} ${units === 'mm' ? 'mm' : 'in'}`;
  const high = Math.max(LEAST_TOUCH, wheel.height);
  return (
    <Pressable
      role="button"
      aria-label={`${stageName(belt)} ${wheel.option + 1}, ${wheel.side === 'driver' ? 'driving' : 'driven'} pulley ${unit}, change`}
      onPress={onPress}
      style={{
        position: 'absolute',
        left: wheel.x - 3,
        width: wheel.width + 6,
        top: wheel.y + wheel.height / 2 - high / 2,
        height: high,
      }}
    />
  );
}

function Touches({
  drive,
  at,
  layout,
  onPick,
}: {
  drive: Drive;
  at: readonly number[];
  layout: DriveLayout;
  onPick: (part: number, option: number) => void;
}) {
  return (
    <>
      {drive.stages.map((stage, i) => {
        const lanes = layout.lanes.filter((lane) => lane.stage === i);
        if (stage.kind === 'back-gear') {
          const lay = layout.layShafts.find((one) => one.stage === i)!;
          const isIn = at[i + 1] === 1;
          return (
            <Pressable
              key={i}
              role="button"
              aria-label={`Back gear ${isIn ? 'in' : 'out'}, put it ${isIn ? 'out' : 'in'}`}
              onPress={() => onPick(i + 1, isIn ? 0 : 1)}
              style={{
                position: 'absolute',
                left: lay.x,
                width: Math.max(LEAST_TOUCH, lay.width),
                top: lay.top,
                height: lay.bottom - lay.top,
              }}
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
            style={laneTouch(lane, stage.kind === 'lever')}
          />
        ));
      })}
    </>
  );
}

/** The area that selects an option: between the rims for a belt, so that the pulleys stay touchable; the whole mesh for gears. */
function laneTouch(lane: Lane, whole: boolean) {
  const [top, bottom] = whole ? [lane.top, lane.bottom] : [lane.gapTop, lane.gapBottom];
  const high = Math.max(LEAST_TOUCH, bottom - top);
  return {
    position: 'absolute',
    left: lane.x,
    width: lane.width,
    top: (top + bottom) / 2 - high / 2,
    height: high,
  } as const;
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
