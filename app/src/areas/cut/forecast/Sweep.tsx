import { speedUnit, POWER_RESERVE } from '@pike-stone/core';
import {
  formatFeedPerTurn,
  formatLength,
  formatSpindleSpeed,
  joined,
  type UnitSystem,
  formatHeat,
  formatRa,
  formatTime,
} from '@pike-stone/words';
import { type SweepPoint, type SweptBy } from '@pike-stone/core/forecast';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path } from 'react-native-svg';
import { linePath } from '../../../kit/drawing/line-path';
import { SvgText, useDrawnScale } from '../../../kit/drawing/SvgText';
import { Choice } from '../../../kit/Choice';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { useWidth } from '../../../kit/useWidth';
import { sheet } from '../../../theme/sheet';
import { useColours } from '../../../theme/theme';
import { FONT, SPACE } from '../../../theme/type';
import { useCutWork } from '../../../workers/cut-work';
import type { Cut } from '../useCut';
import { formatLife } from '@pike-stone/words/forecast';

const HEIGHT = 92;
const LEFT = 8;
const RIGHT = 8;
const TOP = 22;
const BOTTOM = 20;

interface Curve {
  readonly key: 'share' | 'raUm' | 'interfaceC' | 'lifeMinutes' | 'passS';
  readonly title: string;
  readonly show: (value: number) => string;
  readonly log?: true;
  /** A limit, drawn as a line. */
  readonly limit?: number | undefined;
}

/** Small charts of how the forecast changes with speed, feed or depth. */
export function Sweep({ cut, units }: { cut: Cut; units: UnitSystem }) {
  const [by, setBy] = useState<SweptBy>('feed');
  const { width, onLayout } = useWidth();
  const { answer } = useCutWork(
    { setup: cut.setup, rules: cut.rules, by },
    (work, { setup, rules, by: what }) => work.sweep(setup, rules, what),
  );
  const now =
    by === 'speed' ? cut.plan.speed.rungRpm : by === 'feed' ? cut.plan.feed.mmRev : cut.plan.depth.mm;
  const at = (value: number): string =>
    joined(
      by === 'speed'
        ? formatSpindleSpeed(value, speedUnit(cut.setup))
        : by === 'feed'
          ? formatFeedPerTurn(value, units)
          : formatLength(value, units),
    );
  const curves: Curve[] = [
    { key: 'share', title: 'Power', show: (v) => `${Math.round(v * 100)} %`, limit: POWER_RESERVE },
    { key: 'raUm', title: 'Finish, Ra', show: (v) => formatRa(v, units) },
    { key: 'interfaceC', title: 'Heat', show: (v) => formatHeat(v, units), limit: cut.plan.edge.hotLimitC },
    { key: 'lifeMinutes', title: 'Edge lasts', show: (v) => `${formatLife(v)} min`, log: true },
    { key: 'passS', title: 'Time', show: formatTime, log: true },
  ];
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">If it were set otherwise</Words>
        <Choice
          says="What is changed"
          value={by}
          onChange={setBy}
          options={[
            { value: 'speed', label: 'Speed' },
            { value: 'feed', label: 'Feed' },
            { value: 'depth', label: 'Depth' },
          ]}
        />
        <Words role="note">{`Only the ${by} changes; the mark is where it stands, ${at(now)}.`}</Words>
        <View onLayout={onLayout} style={styles.charts}>
          {width > 0
            && answer
            && curves
              .filter(({ key }) => answer.some((point) => point[key] !== null))
              .map((curve) => (
                <Chart
                  key={curve.key}
                  curve={curve}
                  points={answer}
                  now={now}
                  at={at}
                  width={width}
                  stepped={by === 'speed'}
                />
              ))}
        </View>
      </View>
    </Sheet>
  );
}

function Chart({
  curve,
  points,
  now,
  at,
  width,
  stepped,
}: {
  curve: Curve;
  points: readonly SweepPoint[];
  now: number;
  at: (value: number) => string;
  width: number;
  stepped: boolean;
}) {
  const c = useColours();
  const told = points.flatMap((point) => {
    const y = point[curve.key];
    return y === null ? [] : [{ x: point.at, y }];
  });
  const [first, last] = [points[0]!.at, points.at(-1)!.at];
  const px = (x: number): number =>
    LEFT + (last > first ? Math.log(x / first) / Math.log(last / first) : 0.5) * (width - LEFT - RIGHT);
  const most = Math.max(...told.map(({ y }) => y)) * 1.05;
  const least = curve.log ? Math.min(...told.map(({ y }) => y)) : 0;
  const py = (y: number): number =>
    HEIGHT
    - BOTTOM
    - (curve.log ? Math.log(y / least) / Math.log(Math.max(most / least, 1.01)) : y / most)
      * (HEIGHT - TOP - BOTTOM);
  const here = told.reduce((best, point) =>
    Math.abs(Math.log(point.x / now)) < Math.abs(Math.log(best.x / now)) ? point : best,
  );
  const line = linePath(told.map(({ x, y }) => [px(x), py(y)]));
  const shown = curve.show(here.y);
  const title = 14 * useDrawnScale();
  return (
    <View
      role="img"
      aria-label={`${curve.title}: ${shown} as it stands; ${curve.show(told[0]!.y)} at ${at(told[0]!.x)}, ${curve.show(told.at(-1)!.y)} at ${at(told.at(-1)!.x)}`}
    >
      <Svg width={width} height={HEIGHT}>
        <SvgText x={LEFT} y={title} fontFamily={FONT.words} fontSize={14} fontWeight="600" fill={c.ink}>
          {curve.title}
        </SvgText>
        <SvgText
          x={width - RIGHT}
          y={title}
          textAnchor="end"
          fontFamily={FONT.figures}
          fontSize={14}
          fill={c.accent}
        >
          {shown}
        </SvgText>
        <Line
          x1={LEFT}
          x2={width - RIGHT}
          y1={HEIGHT - BOTTOM}
          y2={HEIGHT - BOTTOM}
          stroke={c.line}
          strokeWidth={1}
        />
        {curve.limit !== undefined && curve.limit < most && (
          <Line
            x1={LEFT}
            x2={width - RIGHT}
            y1={py(curve.limit)}
            y2={py(curve.limit)}
            stroke={c.danger}
            strokeWidth={1}
            strokeDasharray="6 4"
          />
        )}
        <Path d={line} stroke={c.ink} strokeWidth={1.8} fill="none" strokeLinejoin="round" />
        {stepped && (
          <G>
            {told.map(({ x, y }) => (
              <Circle key={x} cx={px(x)} cy={py(y)} r={2.4} fill={c.ink} />
            ))}
          </G>
        )}
        <Line
          x1={px(here.x)}
          x2={px(here.x)}
          y1={TOP - 2}
          y2={HEIGHT - BOTTOM}
          stroke={c.accent}
          strokeWidth={1.4}
        />
        <Circle cx={px(here.x)} cy={py(here.y)} r={4} fill={c.accent} />
        <SvgText x={LEFT} y={HEIGHT - 5} fontFamily={FONT.figures} fontSize={13} fill={c.quiet}>
          {at(first)}
        </SvgText>
        <SvgText
          x={width - RIGHT}
          y={HEIGHT - 5}
          textAnchor="end"
          fontFamily={FONT.figures}
          fontSize={13}
          fill={c.quiet}
        >
          {at(last)}
        </SvgText>
      </Svg>
    </View>
  );
}

const styles = sheet({
  group: { padding: SPACE.edge, gap: SPACE.close },
  charts: { gap: SPACE.close, minHeight: 200 },
});
