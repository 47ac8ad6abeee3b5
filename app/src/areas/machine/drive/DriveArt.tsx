import type { UnitSystem } from '@pike-stone/words';
import { stageOptions, type Drive } from '@pike-stone/core/drive';
import { optionLabel } from '@pike-stone/words/drive';
import Svg, { G, Line, Path, Rect } from 'react-native-svg';
import { SvgText, useDrawnScale } from '../../../kit/drawing/SvgText';
import { sheet } from '../../../theme/sheet';
import { useColours } from '../../../theme/theme';
import { FONT, SIZE } from '../../../theme/type';
import { type DriveLayout, type Wheel } from './drive-layout';

/** A pulley diameter with few enough digits to fit on the pulley: 90, 127.5, 3.54. */
export const shortSize = (mm: number, units: UnitSystem): string =>
  units === 'mm' ? String(Number(mm.toFixed(1))) : (mm / 25.4).toFixed(2);

const CHUCK = { width: 9, height: 34 };

/** A drive as it is drawn. */
export interface DrawnDrive {
  readonly drive: Drive;
  /** Index of the option in use: of the motor first, then of each part. */
  readonly at: readonly number[];
  readonly units: UnitSystem;
  /** Parts that were just changed, drawn with a stronger line. */
  readonly changed?: ReadonlySet<number>;
}

interface DriveArtProps extends DrawnDrive {
  readonly layout: DriveLayout;
  readonly editable: boolean;
  /** Name of the last shaft: spindle, or the crank of a shaper. */
  readonly end: string;
}

/** The drawing of a drive, without what is touched on it. */
export function DriveArt({ drive, at, units, layout, changed, editable, end }: DriveArtProps) {
  const scale = useDrawnScale();
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
            y={Math.max(lay.top - 7, SIZE.small * scale)}
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
        const label = optionLabel(stage, lane.option);
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
          room={wheel.width - 4}
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

const styles = sheet({ art: { pointerEvents: 'none' } });
