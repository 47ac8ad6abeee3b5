import { speedUnit, type CutSetup } from '@pike-stone/core';
import type { Setting } from '@pike-stone/core/learn';
import Svg, { Circle, G, Line, Path } from 'react-native-svg';
import { linePath } from '../../../kit/drawing/line-path';
import { QuietText } from '../../../kit/drawing/QuietText';
import { useDrawnScale } from '../../../kit/drawing/SvgText';
import { useColours } from '../../../theme/theme';
import { edgesAt } from './map-edges';

/** Height of the strip, and what is left free above and below its lines: above stands the unit, px. */
const SPEED_HEIGHT = 88;
const FREE = { above: 30, below: 16 } as const;

/** The speeds of the trials in turn, each speed that was used a line. */
export function SpeedStrip({
  setup,
  places,
  next,
  width,
}: {
  setup: CutSetup;
  places: readonly Setting[];
  next: Setting | null;
  width: number;
}) {
  const c = useColours();
  const scale = useDrawnScale();
  const { left, right } = edgesAt(scale);
  const all = [...places, ...(next ? [next] : [])];
  // A speed that was set may be none of the machine's steps any more: its pulley was changed since.
  const rpms = [...new Set(all.map(({ rpm }) => rpm))].sort((a, b) => a - b);
  if (rpms.length === 0) return null;
  const y = (rpm: number): number =>
    rpms.length === 1
      ? SPEED_HEIGHT / 2
      : SPEED_HEIGHT
        - FREE.below
        - (rpms.indexOf(rpm) / (rpms.length - 1)) * (SPEED_HEIGHT - FREE.above - FREE.below);
  const x = (i: number): number =>
    left + 14 + (i / Math.max(1, all.length - 1)) * (width - left - right - 28);
  return (
    <Svg width={width} height={SPEED_HEIGHT}>
      {rpms.map((rpm) => (
        <G key={rpm}>
          <Line x1={left} x2={width - right} y1={y(rpm)} y2={y(rpm)} stroke={c.line} />
          <QuietText x={left - 6} y={y(rpm) + 4} anchor="end" figures>
            {String(Math.round(rpm))}
          </QuietText>
        </G>
      ))}
      <Path
        d={linePath(all.map(({ rpm }, i) => [x(i), y(rpm)]))}
        stroke={c.accent}
        strokeWidth={1.6}
        fill="none"
      />
      {all.map(({ rpm }, i) => (
        <Circle
          key={i}
          cx={x(i)}
          cy={y(rpm)}
          r={4}
          fill={i < places.length ? c.accent : c.sheet}
          stroke={c.accent}
          strokeWidth={1.6}
        />
      ))}
      <QuietText x={2} y={13 * scale}>
        {speedUnit(setup) === 'rpm' ? 'rpm' : 'strokes'}
      </QuietText>
    </Svg>
  );
}
