import { View } from 'react-native';
import Svg, { Circle, Line, Path } from 'react-native-svg';
import { linePath } from '../../../kit/drawing/line-path';
import { SvgText } from '../../../kit/drawing/SvgText';
import type { Stream } from '../../../data/instruments';
import { Words } from '../../../kit/Words';
import { useWidth } from '../../../kit/useWidth';
import { sheet } from '../../../theme/sheet';
import { themed, useColours } from '../../../theme/theme';
import { FONT, SPACE } from '../../../theme/type';

const STATE_WORDS: Readonly<Record<Stream['state'], string>> = {
  connecting: 'Connecting …',
  live: 'Live',
  silent: 'Stale: the line is open, but nothing comes. Look at the sensor and its mark.',
  away: 'Stale: the instrument does not answer. It is tried again by itself; what you took is kept.',
  'cut-off': 'Stale: the stream was cut off. It is opened again by itself; what you took is kept.',
};

/** State of the connection, said in words as well as by colour. */
export function StreamState({ stream, held }: { stream: Stream; held: boolean }) {
  const styles = useStyles();
  const fresh = stream.state === 'live' || stream.state === 'connecting';
  return (
    <View style={styles.state} aria-live="polite">
      <Words role={fresh || held ? 'note' : 'fault'}>
        {held ? 'Held: the figures stand still until you go on.' : STATE_WORDS[stream.state]}
      </Words>
      {stream.standIn && (
        <Words role="note">
          Simulated instrument, for trying out. Connect a real one to measure your machine.
        </Words>
      )}
    </View>
  );
}

interface TracePoint {
  readonly t: number;
  readonly value: number;
  /** Left out of the measure, and drawn so. */
  readonly odd?: boolean;
}

interface TraceProps {
  readonly says: string;
  readonly points: readonly TracePoint[];
  readonly spanS: number;
  readonly show: (value: number) => string;
  /** A value drawn as a line across the chart; null for none. */
  readonly level?: number | null;
}

const HEIGHT = 120;
const EDGE = { left: 6, right: 58, top: 12, bottom: 12 };
const LEAST_SPAN_REL = 0.02;

/** Chart of the last seconds of readings. */
export function Trace({ says, points, spanS, show, level = null }: TraceProps) {
  const styles = useStyles();
  const c = useColours();
  const { width, onLayout } = useWidth();
  const shown = points.filter((point) => Number.isFinite(point.value));
  const even = shown.filter(({ odd }) => !odd).map(({ value }) => value);
  const middle = level ?? (even.length > 0 ? even.reduce((sum, one) => sum + one, 0) / even.length : 0);
  const half =
    Math.max(Math.abs(middle) * LEAST_SPAN_REL, ...even.map((value) => Math.abs(value - middle))) * 1.15 || 1;
  const newest = points.at(-1)?.t ?? 0;
  const x = (t: number) => EDGE.left + (1 - (newest - t) / spanS) * (width - EDGE.left - EDGE.right);
  const y = (value: number) =>
    EDGE.top
    + Math.min(1, Math.max(0, 0.5 - (value - middle) / (2 * half))) * (HEIGHT - EDGE.top - EDGE.bottom);
  const path = linePath(shown.filter(({ odd }) => !odd).map(({ t, value }) => [x(t), y(value)]));
  return (
    <View style={styles.paper} role="img" aria-label={says} onLayout={onLayout}>
      {width > 0 && (
        <Svg width={width} height={HEIGHT}>
          <Line x1={EDGE.left} x2={width - EDGE.right} y1={HEIGHT - 6} y2={HEIGHT - 6} stroke={c.line} />
          {level !== null && (
            <Line
              x1={EDGE.left}
              x2={width - EDGE.right}
              y1={y(level)}
              y2={y(level)}
              stroke={c.strongLine}
              strokeDasharray="5 4"
            />
          )}
          <Path d={path} stroke={c.accent} strokeWidth={1.6} fill="none" />
          {shown
            .filter(({ odd }) => odd)
            .map(({ t, value }) => (
              <Circle
                key={t}
                cx={x(t)}
                cy={y(value)}
                r={3.5}
                fill="none"
                stroke={c.danger}
                strokeWidth={1.4}
              />
            ))}
          {shown.length > 0
            && [middle + half, middle, middle - half].map((value) => (
              <SvgText
                key={value}
                x={width - EDGE.right + 6}
                y={y(value) + 5}
                fontFamily={FONT.figures}
                fontSize={13}
                fill={c.quiet}
              >
                {show(value)}
              </SvgText>
            ))}
        </Svg>
      )}
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({
    state: { gap: SPACE.hair },
    paper: { height: HEIGHT, backgroundColor: c.sheet, borderWidth: 1, borderColor: c.line },
  }),
);
