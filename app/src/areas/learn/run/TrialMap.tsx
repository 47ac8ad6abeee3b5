import { speedUnit, type CutPlan, type CutSetup } from '@pike-stone/core';
import type { Setting, Trial } from '@pike-stone/core/learn';
import {
  formatFeedPerTurn,
  formatLength,
  formatSpindleSpeed,
  joined,
  type UnitSystem,
} from '@pike-stone/words';
import { SIGN_SHORT } from '@pike-stone/words/learn';
import { useMemo } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { linePath } from '../../../kit/drawing/line-path';
import { SvgText, useDrawnScale } from '../../../kit/drawing/SvgText';
import { Words } from '../../../kit/Words';
import { useWidth } from '../../../kit/useWidth';
import { sheet } from '../../../theme/sheet';
import { useColours, useColourNumbers } from '../../../theme/theme';
import { FONT, SPACE } from '../../../theme/type';
import { useCutWork } from '../../../workers/cut-work';
import { NAME, namePlace, REGION, regionPath, SHADE } from './chip-regions';
import { edgesAt } from './map-edges';
import { SpeedStrip } from './SpeedStrip';

const HEIGHT = 236;
/** Half height of a mark. */
const MARK = 10;
/** The field reaches this many times beyond the trials, either way. */
const BEYOND = 1.7;

interface Range {
  readonly low: number;
  readonly high: number;
}
const around = (values: readonly number[]): Range => ({
  low: Math.min(...values) / BEYOND,
  high: Math.max(...values) * BEYOND,
});
const share = (value: number, { low, high }: Range): number => Math.log(value / low) / Math.log(high / low);

/** Trials that were taken at one place of the map are one mark: "3–5". */
function marksOf(trials: readonly Trial[]) {
  const found: { readonly setting: Setting; first: number; last: number; outcome: Trial['outcome'] }[] = [];
  for (const [i, { setting, outcome }] of trials.entries()) {
    const before = found.at(-1);
    const isSame =
      before && before.setting.feedMmRev === setting.feedMmRev && before.setting.depthMm === setting.depthMm;
    if (isSame) Object.assign(before, { last: i + 1, outcome });
    else found.push({ setting, first: i + 1, last: i + 1, outcome });
  }
  return found.map((one) => ({
    ...one,
    label: one.first === one.last ? String(one.first) : `${one.first}–${one.last}`,
  }));
}

/** The trials as a path over feed and depth, the chip to expect behind it, and their speeds below. */
export function TrialMap({
  setup,
  plan,
  trials,
  next,
  units,
}: {
  setup: CutSetup;
  plan: CutPlan;
  trials: readonly Trial[];
  /** Where the next trial will be. */
  next: Setting | null;
  units: UnitSystem;
}) {
  const c = useColours();
  const numbers = useColourNumbers();
  const { width: whole, onLayout } = useWidth();
  const width = Math.max(0, whole - 2 * SPACE.edge);
  const scale = useDrawnScale();
  const { left, right, top, bottom } = edgesAt(scale);
  const places = useMemo(
    () => [...trials.map(({ setting }) => setting), ...(next ? [next] : [])],
    [trials, next],
  );
  const feeds = around(places.length > 0 ? places.map(({ feedMmRev }) => feedMmRev) : [plan.feed.mmRev]);
  const depths = around(places.length > 0 ? places.map(({ depthMm }) => depthMm) : [plan.depth.mm]);
  const { answer: map } = useCutWork({ setup, plan, feeds, depths }, (work, asked) =>
    work.chipMap(
      asked.setup,
      asked.plan,
      [asked.feeds.low, asked.feeds.high],
      [asked.depths.low, asked.depths.high],
    ),
  );
  const px = (feed: number): number => left + share(feed, feeds) * (width - left - right);
  const py = (depth: number): number => HEIGHT - bottom - share(depth, depths) * (HEIGHT - top - bottom);
  const at = ({ feedMmRev, depthMm }: Setting): readonly [number, number] => [px(feedMmRev), py(depthMm)];
  const feed = (mm: number) => joined(formatFeedPerTurn(mm, units));
  const depth = (mm: number) => joined(formatLength(mm, units));
  const small = 12 * scale;
  const told = trials.map(
    ({ setting, signs }, i) =>
      `${i + 1}: ${feed(setting.feedMmRev)}, ${depth(setting.depthMm)}, ${joined(formatSpindleSpeed(setting.rpm, speedUnit(setup)))}${signs[0] ? `, ${SIGN_SHORT[signs[0]].toLowerCase()}` : ''}`,
  );
  const column = (cell: number): number =>
    Math.round(left + (cell / (map?.feedsMmRev.length ?? 1)) * (width - left - right));
  const line = (cell: number): number =>
    Math.round(HEIGHT - bottom - (cell / (map?.depthsMm.length ?? 1)) * (HEIGHT - top - bottom));
  const marks = marksOf(trials);
  const classes = [...new Set(map?.chips.flat())];
  const taken = [...marks.map(({ setting }) => at(setting)), ...(next ? [at(next)] : [])];
  return (
    <View onLayout={onLayout} style={styles.box}>
      {width > 0 && (
        <View role="img" aria-label={`Trials on feed and depth. ${told.join('; ')}`}>
          <Svg width={width} height={HEIGHT}>
            <Rect
              x={left}
              y={top}
              width={width - left - right}
              height={HEIGHT - top - bottom}
              fill={c.sheet}
            />
            {map
              && classes.map((chip) => (
                <Path
                  key={chip}
                  d={regionPath(map, chip, column, line)}
                  fill={numbers.quiet}
                  fillOpacity={SHADE[chip]}
                />
              ))}
            {map
              && classes.map((chip) => {
                const place = namePlace(map, chip, (x, y) => [column(x), line(y)], taken, {
                  left,
                  right: width - right,
                  top,
                  bottom: HEIGHT - bottom,
                });
                return (
                  place && (
                    <SvgText
                      key={chip}
                      x={place[0]}
                      y={place[1] + NAME.height / 3}
                      textAnchor="middle"
                      fontFamily={FONT.words}
                      fontSize={13}
                      fill={c.ink}
                    >
                      {REGION[chip]}
                    </SvgText>
                  )
                );
              })}
            <Path
              d={`M${left} ${top}V${HEIGHT - bottom}H${width - right}`}
              stroke={c.strongLine}
              strokeWidth={1}
              fill="none"
            />
            {[depths.low * BEYOND, depths.high / BEYOND].map((value, i) => (
              <G key={i}>
                {(i === 0 || depths.high / depths.low > BEYOND ** 2 * 1.05) && (
                  <>
                    <Line x1={left - 4} x2={left} y1={py(value)} y2={py(value)} stroke={c.strongLine} />
                    <SvgText
                      x={left - 6}
                      y={py(value) + small / 3}
                      textAnchor="end"
                      fontFamily={FONT.figures}
                      fontSize={12}
                      fill={c.quiet}
                    >
                      {formatLength(value, units).figure}
                    </SvgText>
                  </>
                )}
              </G>
            ))}
            {[feeds.low * BEYOND, feeds.high / BEYOND].map((value, i) => (
              <G key={i}>
                {(i === 0 || feeds.high / feeds.low > BEYOND ** 2 * 1.05) && (
                  <SvgText
                    x={px(value)}
                    y={HEIGHT - bottom + small + 3}
                    textAnchor="middle"
                    fontFamily={FONT.figures}
                    fontSize={12}
                    fill={c.quiet}
                  >
                    {formatFeedPerTurn(value, units).figure}
                  </SvgText>
                )}
              </G>
            ))}
            <SvgText
              x={width - right}
              y={HEIGHT - 5}
              textAnchor="end"
              fontFamily={FONT.words}
              fontSize={12}
              fill={c.quiet}
            >
              {`feed, ${formatFeedPerTurn(1, units).unit}`}
            </SvgText>
            <SvgText x={2} y={top + small / 2} fontFamily={FONT.words} fontSize={12} fill={c.quiet}>
              depth
            </SvgText>
            {trials.length > 0 && (
              <Path
                d={linePath(trials.map(({ setting }) => at(setting)))}
                stroke={c.accent}
                strokeWidth={2}
                fill="none"
              />
            )}
            {next && trials.length > 0 && (
              <Path
                d={linePath([at(trials.at(-1)!.setting), at(next)])}
                stroke={c.accent}
                strokeWidth={2}
                strokeDasharray="5 4"
                fill="none"
              />
            )}
            {next && (
              <Circle
                cx={at(next)[0]}
                cy={at(next)[1]}
                r={9}
                stroke={c.accent}
                strokeWidth={2}
                fill={c.sheet}
              />
            )}
            {marks.map(({ setting, outcome, label }) => (
              <G key={label}>
                <Rect
                  x={at(setting)[0] - MARK - 3 * (label.length - 1)}
                  y={at(setting)[1] - MARK}
                  width={2 * MARK + 6 * (label.length - 1)}
                  height={2 * MARK}
                  rx={MARK}
                  fill={outcome === 'worked' ? c.accent : c.sheet}
                  stroke={outcome === 'did-not-work' ? c.danger : c.accent}
                  strokeWidth={2}
                />
                <SvgText
                  x={at(setting)[0]}
                  y={at(setting)[1] + small / 3}
                  textAnchor="middle"
                  fontFamily={FONT.figures}
                  fontSize={12}
                  fill={outcome === 'worked' ? c.onAccent : c.ink}
                >
                  {label}
                </SvgText>
              </G>
            ))}
          </Svg>
          <SpeedStrip setup={setup} places={trials.map(({ setting }) => setting)} next={next} width={width} />
        </View>
      )}
      <Words role="note">
        {map
          ? 'Shaded behind it, the chip to expect by the model: the clearer, the better it breaks. Filled marks worked.'
          : 'Filled marks worked.'}
      </Words>
    </View>
  );
}

const styles = sheet({
  box: { paddingHorizontal: SPACE.edge, paddingVertical: SPACE.near, gap: SPACE.hair },
});
