import { surfaceSpeed } from '@pike-stone/core';
import { formatLength, formatSurfaceSpeed, joined, type UnitSystem, capital } from '@pike-stone/words';
import { Pressable, type GestureResponderEvent } from 'react-native';
import Svg, { ClipPath, Defs, G, Line, Path, Rect } from 'react-native-svg';
import { SvgText } from '../../../kit/drawing/SvgText';
import { labelsThatFit } from '../../../kit/ladder-scale';
import { touchX } from '../../../kit/touch';
import { useWidth } from '../../../kit/useWidth';
import { sheet } from '../../../theme/sheet';
import { themed, useColours } from '../../../theme/theme';
import { FONT } from '../../../theme/type';
import type { Across } from './reach';

/** Cutting speeds that a tool material works at. */
export interface Band {
  readonly edge: string;
  readonly name: string;
  readonly range: { readonly lowMPerMin: number; readonly highMPerMin: number };
}

interface SpeedChartProps {
  readonly rungs: readonly number[];
  readonly reach: readonly Band[];
  readonly diameterMm: number;
  readonly units: UnitSystem;
  readonly height: number;
  readonly across: Across;
  /** Largest diameter of the machine, where it is known; the chart ends there. */
  readonly most: number;
  /** Left out where the diameter is not chosen here. */
  readonly onDiameter?: ((mm: number) => void) | undefined;
}

const LEFT = 44;
const RIGHT = 48;
const TOP = 24;
const BOTTOM = 40;
const LINE_OF_TEXT = 14;
const LEAST_MM = 2;
const TICKS = {
  mm: [2, 5, 10, 20, 50, 100, 200, 500, 1000],
  inch: [0.125, 0.25, 0.5, 1, 2, 4, 8, 20, 40],
} as const;
const SPEED_TICKS = {
  mm: [2, 5, 10, 20, 50, 100, 200, 500, 1000],
  inch: [10, 20, 50, 100, 200, 500, 1000, 2000, 4000],
} as const;

const log = Math.log10;

/** Leaves out names that would touch each other, from the fastest step down, and names outside the paper. */
function apart(names: readonly { text: string; y: number }[], bottom: number): { text: string; y: number }[] {
  const kept: { text: string; y: number }[] = [];
  for (const name of [...names].reverse())
    if (name.y < bottom && name.y - (kept.at(-1)?.y ?? -Infinity) >= LINE_OF_TEXT) kept.push(name);
  return kept;
}

/** Cutting speed over diameter on log scales, where every speed step of the machine is a straight line. */
export function SpeedChart({
  rungs,
  reach,
  diameterMm,
  units,
  height,
  across,
  most,
  onDiameter,
}: SpeedChartProps) {
  const styles = useStyles();
  const colours = useColours();
  const { width, onLayout } = useWidth();
  const largestMm = Math.max(Math.min(200, most), diameterMm * 1.2);
  const least = Math.min(LEAST_MM, diameterMm / 1.2);
  const [vLow, vHigh] = [
    Math.min(...reach.map(({ range }) => range.lowMPerMin)) / 3,
    Math.max(...reach.map(({ range }) => range.highMPerMin)) * 1.6,
  ];
  const room = width - LEFT - RIGHT;
  const x = (mm: number) => LEFT + (log(mm / least) / log(largestMm / least)) * room;
  const y = (v: number) => height - BOTTOM - (log(v / vLow) / log(vHigh / vLow)) * (height - TOP - BOTTOM);
  const touch = (event: GestureResponderEvent) => {
    const share = Math.min(1, Math.max(0, (touchX(event) - LEFT) / room));
    onDiameter?.(Number((least * (largestMm / least) ** share).toPrecision(2)));
  };
  const perTick = units === 'mm' ? 1 : 25.4;
  const perSpeed = units === 'mm' ? 1 : 0.3048;
  const ticks = TICKS[units].filter((tick) => tick * perTick >= least && tick * perTick <= largestMm);
  const up = SPEED_TICKS[units].filter((tick) => tick * perSpeed >= vLow && tick * perSpeed <= vHigh);
  // A step's name stands where its line leaves the paper at the top, or at the right edge.
  const speedAt = (rpm: number, mm: number) => surfaceSpeed(rpm, mm / across.mmPerDiameter);
  const leavesAt = (rpm: number) => (across.mmPerDiameter * 1000 * vHigh) / (Math.PI * rpm);
  const topNames = rungs
    .filter((rpm) => leavesAt(rpm) <= largestMm)
    .map((rpm) => ({ text: String(Math.round(rpm)), x: x(Math.max(least, leavesAt(rpm))) }));
  const onTop = labelsThatFit(topNames, topNames.length - 1, width);
  const atRight = apart(
    rungs
      .filter((rpm) => leavesAt(rpm) > largestMm)
      .map((rpm) => ({ text: String(Math.round(rpm)), y: y(speedAt(rpm, largestMm)) })),
    height - BOTTOM,
  );
  return (
    <Pressable
      role="slider"
      aria-label={`${capital(across.word)} on the chart`}
      aria-valuetext={joined(formatLength(diameterMm, units))}
      aria-valuenow={diameterMm}
      onPress={touch}
      style={[styles.paper, { height }]}
      onLayout={onLayout}
    >
      {width > 0 && (
        <Svg width={width} height={height} style={styles.art} aria-hidden>
          <Defs>
            <ClipPath id="paper">
              <Rect x={LEFT} y={TOP} width={room} height={height - TOP - BOTTOM} />
            </ClipPath>
          </Defs>
          {reach.map(({ edge, name, range }) => (
            <G key={edge}>
              <Rect
                x={LEFT}
                y={y(range.highMPerMin)}
                width={room}
                height={y(range.lowMPerMin) - y(range.highMPerMin)}
                fill={colours.wash}
                stroke={colours.accent}
                strokeWidth={0.6}
                strokeDasharray={edge === 'hss' ? undefined : '5 4'}
              />
              <SvgText
                x={LEFT + 6}
                y={y(range.highMPerMin) + 15}
                fontFamily={FONT.words}
                fontSize={13}
                fontWeight="600"
                fill={colours.accent}
              >
                {name}
              </SvgText>
            </G>
          ))}
          <G clipPath="url(#paper)">
            {rungs.map((rpm) => (
              <Line
                key={rpm}
                x1={x(least)}
                y1={y(speedAt(rpm, least))}
                x2={x(largestMm)}
                y2={y(speedAt(rpm, largestMm))}
                stroke={colours.ink}
                strokeWidth={1.3}
              />
            ))}
          </G>
          {topNames.map(
            (name, i) =>
              onTop.has(i) && (
                <SvgText
                  key={name.text}
                  x={onTop.get(i)}
                  y={TOP - 7}
                  textAnchor="middle"
                  fontFamily={FONT.figures}
                  fontSize={13}
                  fill={colours.quiet}
                >
                  {name.text}
                </SvgText>
              ),
          )}
          {atRight.map((name) => (
            <SvgText
              key={name.text}
              x={width - RIGHT + 5}
              y={name.y + 4}
              fontFamily={FONT.figures}
              fontSize={13}
              fill={colours.quiet}
            >
              {name.text}
            </SvgText>
          ))}
          <Path
            d={`M${LEFT} ${TOP}V${height - BOTTOM}H${width - RIGHT}`}
            stroke={colours.ink}
            strokeWidth={1.4}
            fill="none"
          />
          {ticks.map((tick) => (
            <SvgText
              key={tick}
              x={x(tick * perTick)}
              y={height - BOTTOM + 17}
              textAnchor="middle"
              fontFamily={FONT.figures}
              fontSize={13}
              fill={colours.quiet}
            >
              {tick}
            </SvgText>
          ))}
          {up.map((tick) => (
            <SvgText
              key={tick}
              x={LEFT - 6}
              y={y(tick * perSpeed) + 4}
              textAnchor="end"
              fontFamily={FONT.figures}
              fontSize={13}
              fill={colours.quiet}
            >
              {tick}
            </SvgText>
          ))}
          <SvgText
            x={width - RIGHT}
            y={height - 6}
            textAnchor="end"
            fontFamily={FONT.words}
            fontSize={13}
            fill={colours.quiet}
          >{`${across.word}, ${units === 'mm' ? 'mm' : 'in'}`}</SvgText>
          <SvgText x={2} y={12} fontFamily={FONT.words} fontSize={13} fill={colours.quiet}>
            {formatSurfaceSpeed(1, units).unit}
          </SvgText>
          <Line
            x1={x(diameterMm)}
            x2={x(diameterMm)}
            y1={TOP}
            y2={height - BOTTOM}
            stroke={colours.accent}
            strokeWidth={2}
          />
        </Svg>
      )}
    </Pressable>
  );
}

const useStyles = themed((c) =>
  sheet({
    paper: { backgroundColor: c.sheet, borderTopWidth: 1, borderBottomWidth: 1, borderColor: c.line },
    art: { pointerEvents: 'none' },
  }),
);
