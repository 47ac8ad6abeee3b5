import type { UnitSystem } from '@pike-stone/words';
import { stageName, stageOptions, type Drive } from '@pike-stone/core/drive';
import { useState } from 'react';
import { Pressable, StyleSheet, View, type GestureResponderEvent } from 'react-native';
import Svg, { G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { touchX } from '../../../kit/touch';
import { themed, useColours } from '../../../theme/theme';
import { FONT } from '../../../theme/type';
import { driveLayout, type DriveLayout, type Lane, type Wheel } from './drive-layout';

interface DriveDrawingProps {
  readonly drive: Drive;
  /** Index of the option in use: of the motor first, then of each part. */
  readonly at: readonly number[];
  readonly units: UnitSystem;
  readonly height: number;
  /** Name of the last shaft: spindle, or the crank of a shaper. */
  readonly end?: string;
  /** Parts that were just changed, drawn with a stronger line. */
  readonly changed?: ReadonlySet<number>;
  /** Missing where the drawing cannot be changed. */
  readonly onPick?: (part: number, option: number) => void;
  readonly onPulley?: (wheel: Wheel) => void;
}

/** A pulley diameter with few enough digits to fit on the pulley: 90, 127.5, 3.54. */
const shortSize = (mm: number, units: UnitSystem): string =>
  units === 'mm' ? String(Number(mm.toFixed(1))) : (mm / 25.4).toFixed(2);
const LEAST_TOUCH = 48;
const CHUCK = { width: 9, height: 34 };

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
          <Art
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
    .map((stage, i) =>
      `${stageName(stage)} ${stage.kind === 'variable' ? '' : (stageOptions(stage)[at[i + 1] ?? 0]?.label ?? '')}`.trim(),
    )
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
            aria-label={`${stageName(stage)} ${stageOptions(stage)[lane.option]!.label}`}
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

interface ArtProps extends Pick<DriveDrawingProps, 'drive' | 'at' | 'units' | 'changed'> {
  readonly layout: DriveLayout;
  readonly editable: boolean;
  readonly end: string;
}

function Art({ drive, at, units, layout, changed, editable, end }: ArtProps) {
  const styles = useStyles();
  const c = useColours();
  const chosen = (stage: number, option: number): boolean => at[stage + 1] === option;
  const spindle = layout.shafts.at(-1)!;
  return (
    <Svg width={layout.width} height={layout.height} style={styles.art}>
      {layout.lanes
        .filter((lane) => drive.stages[lane.stage]?.kind !== 'variable')
        .map((lane) => {
          const on = chosen(lane.stage, lane.option);
          if (drive.stages[lane.stage]?.kind !== 'belt') return null;
          return on ? (
            <Rect
              key={`b${lane.stage}-${lane.option}`}
              x={lane.x + lane.width * 0.2}
              y={lane.top}
              width={lane.width * 0.6}
              height={lane.bottom - lane.top}
              fill={c.wash}
              stroke={c.accent}
              strokeWidth={changed?.has(lane.stage) ? 4 : 2}
              rx={3}
            />
          ) : (
            <Line
              key={`b${lane.stage}-${lane.option}`}
              x1={lane.x + lane.width / 2}
              x2={lane.x + lane.width / 2}
              y1={lane.gapTop + 6}
              y2={lane.gapBottom - 6}
              stroke={c.strongLine}
              strokeWidth={1}
              strokeDasharray="2 5"
            />
          );
        })}
      {layout.shafts.map((shaft, i) => {
        const { y, from, to } = shaft;
        const name = i === layout.shafts.length - 1 ? end : shaft.name;
        // The name stands at the right end of the shaft, or before its left end.
        const room =
          layout.width - to > name.length * 7.4 + 8
            ? { x: to + 5, textAnchor: 'start' as const }
            : from > name.length * 7.4 + 8
              ? { x: from - 5, textAnchor: 'end' as const }
              : null;
        return (
          <G key={name + y}>
            <Line
              x1={from}
              x2={to}
              y1={y}
              y2={y}
              stroke={c.ink}
              strokeWidth={1.3}
              strokeDasharray="14 3 3 3"
            />
            {room && (
              <SvgText {...room} y={y + 4} fontFamily={FONT.words} fontSize={13} fill={c.quiet}>
                {name}
              </SvgText>
            )}
          </G>
        );
      })}
      <Rect
        x={spindle.to - CHUCK.width}
        y={spindle.y - CHUCK.height / 2}
        width={CHUCK.width}
        height={CHUCK.height}
        fill={c.ink}
      />
      {layout.layShafts.map((lay) => (
        <G key={`lay${lay.stage}`}>
          <Line
            x1={lay.x - 4}
            x2={lay.x + lay.width + 4}
            y1={lay.y}
            y2={lay.y}
            stroke={c.ink}
            strokeWidth={1.3}
            strokeDasharray="14 3 3 3"
          />
          <SvgText
            x={lay.x + lay.width / 2}
            y={lay.top - 7}
            textAnchor="middle"
            fontFamily={FONT.words}
            fontSize={13}
            fontWeight="600"
            fill={c.accent}
          >
            {at[lay.stage + 1] === 1 ? 'gear in' : 'gear out'}
          </SvgText>
        </G>
      ))}
      {layout.wheels.map((wheel) => (
        <WheelArt
          key={wheel.key}
          drive={drive}
          wheel={wheel}
          units={units}
          on={
            drive.stages[wheel.stage]?.kind === 'back-gear'
              ? at[wheel.stage + 1] === 1
              : chosen(wheel.stage, wheel.option)
          }
          editable={editable}
        />
      ))}
      {layout.lanes.map((lane) => {
        const stage = drive.stages[lane.stage]!;
        if (stage.kind === 'variable' || stageOptions(stage).length < 2) return null;
        const on = chosen(lane.stage, lane.option);
        const label = stageOptions(stage)[lane.option]!.label;
        // On a belt the number stands between the rims; a lever's letter above its gears.
        return (
          <SvgText
            key={`n${lane.stage}-${lane.option}`}
            x={lane.x + lane.width / 2}
            y={stage.kind === 'belt' ? (lane.gapTop + lane.gapBottom) / 2 + 5 : lane.top - 5}
            textAnchor="middle"
            fontFamily={FONT.words}
            fontSize={15}
            fontWeight={on ? '600' : '400'}
            fill={on ? c.accent : c.quiet}
          >
            {label}
          </SvgText>
        );
      })}
    </Svg>
  );
}

function WheelArt({
  drive,
  wheel,
  units,
  on,
  editable,
}: {
  drive: Drive;
  wheel: Wheel;
  units: UnitSystem;
  on: boolean;
  editable: boolean;
}) {
  const c = useColours();
  const stage = drive.stages[wheel.stage]!;
  if (stage.kind === 'variable')
    return (
      <Rect
        x={wheel.x - 1}
        y={wheel.y}
        width={wheel.width + 2}
        height={wheel.height}
        fill={on ? c.accent : c.ground}
        stroke={c.strongLine}
        strokeWidth={0.6}
      />
    );
  const text =
    wheel.toothed || (stage.kind === 'belt' && stage.section === 'toothed')
      ? String(wheel.value)
      : shortSize(wheel.value, units);
  const middle = wheel.y + wheel.height / 2;
  return (
    <G>
      <Rect
        x={wheel.x}
        y={wheel.y}
        width={wheel.width}
        height={wheel.height}
        fill={c.ground}
        fillOpacity={on ? 0.9 : 1}
        stroke={on ? c.accent : c.ink}
        strokeWidth={on ? 2 : 1.3}
        strokeDasharray={wheel.toothed ? '3 2' : undefined}
      />
      {stage.kind === 'belt' && (
        <Path
          d={`M${wheel.x + 2} ${wheel.y + 3}h${wheel.width - 4}M${wheel.x + 2} ${wheel.y + wheel.height - 3}h${wheel.width - 4}`}
          stroke={c.strongLine}
          strokeWidth={0.8}
        />
      )}
      {wheel.height > 13 && (
        <SvgText
          x={wheel.x + wheel.width / 2}
          y={middle + 5}
          textAnchor="middle"
          fontFamily={FONT.figures}
          fontSize={13}
          fontWeight="600"
          fill={editable && stage.kind === 'belt' ? c.accent : c.ink}
          textDecoration={editable && stage.kind === 'belt' ? 'underline' : undefined}
        >
          {text}
        </SvgText>
      )}
    </G>
  );
}

const useStyles = themed((c) =>
  StyleSheet.create({
    paper: {
      backgroundColor: c.sheet,
      borderTopWidth: 1,
      borderBottomWidth: 1,
      borderColor: c.line,
      minHeight: 120,
    },
    art: { pointerEvents: 'none' },
  }),
);
