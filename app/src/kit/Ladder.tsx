import { Pressable, View, type GestureResponderEvent } from 'react-native';
import Svg, { Defs, G, Line, Path, Pattern, Rect } from 'react-native-svg';
import { SvgText } from './drawing/SvgText';
import { sheet } from '../theme/sheet';
import { themed, useColours } from '../theme/theme';
import { FONT, SPACE, TOUCH } from '../theme/type';
import { IconButton } from './Button';
import { MinusIcon, PlusIcon } from './icons';
import { beyondEnd, labelsThatFit, ladderScale } from './ladder-scale';
import { touchX } from './touch';
import { useWidth } from './useWidth';

interface LadderProps {
  /** Name of the quantity, such as "Spindle speed". */
  readonly says: string;
  /** Ascending. */
  readonly rungs: readonly number[];
  readonly chosen: number;
  /** The rung that is chosen by now, where the ladder is drawn a little later than that; steps go on from it. */
  readonly chosenNow?: () => number;
  readonly show: (rung: number) => string;
  readonly unit: string;
  readonly band: readonly [low: number, high: number];
  readonly target: number;
  /** Rungs above this are more than the tool takes, and are hatched. */
  readonly limit: number;
  readonly onChoose: (rung: number) => void;
}

/** Narrowest that a band is drawn, also where all of it lies beyond an end. */
const LEAST_BAND = 4;
/** Arrow at an end of the scale, toward an aim that lies beyond it. */
const endArrow = (end: 'low' | 'high', width: number): string =>
  end === 'high' ? `M${width - 20} 8h18m-6 -5l6 5l-6 5` : 'M20 8h-18m6 -5l-6 5l6 5';

const HEIGHT = 74;
const AXIS = 44;

/** The machine's speed or feed steps on a log scale. Touching a step chooses it. */
export function Ladder({
  says,
  rungs,
  chosen,
  chosenNow = () => chosen,
  show,
  unit,
  band,
  target,
  limit,
  onChoose,
}: LadderProps) {
  const styles = useStyles();
  const colours = useColours();
  const { width, onLayout } = useWidth();
  const at = ladderScale(rungs, [band[0], target], width);
  const beyond = width > 0 ? beyondEnd(target, at, width) : null;
  const index = rungs.indexOf(chosen);
  const go = (by: number) => {
    const at = rungs.indexOf(chosenNow());
    const next = rungs[(at < 0 ? index : at) + by];
    if (next !== undefined) onChoose(next);
  };
  const touch = (event: GestureResponderEvent) => {
    const x = touchX(event);
    onChoose(rungs.reduce((best, rung) => (Math.abs(at(rung) - x) < Math.abs(at(best) - x) ? rung : best)));
  };
  const labels = labelsThatFit(
    rungs.map((rung) => ({ x: at(rung), text: show(rung) })),
    index,
    width,
  );
  return (
    <View style={styles.ladder}>
      <IconButton says="One step down" disabled={index <= 0} onPress={() => go(-1)}>
        <MinusIcon color={colours.accent} size={24} />
      </IconButton>
      <Pressable
        role="slider"
        aria-label={says}
        aria-valuetext={`${show(chosen)} ${unit}`}
        aria-valuenow={chosen}
        aria-valuemin={rungs[0]}
        aria-valuemax={rungs.at(-1)}
        onPress={touch}
        style={styles.scale}
        onLayout={onLayout}
        {...{
          onKeyDown: (event: { key: string; preventDefault(): void }) => {
            const to = { Home: rungs[0], End: rungs.at(-1) }[event.key];
            const by = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key];
            if (to === undefined && by === undefined) return;
            event.preventDefault();
            if (to !== undefined) onChoose(to);
            else if (by !== undefined) go(by);
          },
        }}
      >
        {width > 0 && (
          <Svg width={width} height={HEIGHT} style={styles.untouchable} aria-hidden>
            <Defs>
              <Pattern
                id="reach"
                width="6"
                height="6"
                patternUnits="userSpaceOnUse"
                patternTransform="rotate(45)"
              >
                <Line x1="0" y1="0" x2="0" y2="6" stroke={colours.danger} strokeWidth="1.2" />
              </Pattern>
            </Defs>
            <Rect
              x={Math.min(at(band[0]), width - LEAST_BAND)}
              y={16}
              width={Math.max(LEAST_BAND, at(band[1]) - at(band[0]))}
              height={AXIS - 16}
              fill={colours.wash}
              stroke={colours.accent}
              strokeWidth={0.5}
            />
            {at(limit) < width && (
              <Rect
                x={Math.max(0, at(limit))}
                y={22}
                width={width - Math.max(0, at(limit))}
                height={AXIS - 22}
                fill="url(#reach)"
                opacity={0.45}
              />
            )}
            {beyond === null ? (
              <Path
                d={`M${at(target)} 14l-5 -6m5 6l5 -6m-5 6v-12`}
                stroke={colours.ink}
                strokeWidth={1.6}
                fill="none"
              />
            ) : (
              <G>
                <Path d={endArrow(beyond, width)} stroke={colours.ink} strokeWidth={1.6} fill="none" />
                <SvgText
                  x={beyond === 'high' ? width - 26 : 26}
                  y={12}
                  textAnchor={beyond === 'high' ? 'end' : 'start'}
                  fontFamily={FONT.figures}
                  fontSize={13}
                  fill={colours.ink}
                >
                  {`aim ${show(target)}`}
                </SvgText>
              </G>
            )}
            <Line x1={0} x2={width} y1={AXIS} y2={AXIS} stroke={colours.ink} strokeWidth={1.4} />
            {rungs.map((rung, i) => (
              <G key={rung}>
                <Line
                  x1={at(rung)}
                  x2={at(rung)}
                  y1={i === index ? 18 : 31}
                  y2={AXIS}
                  stroke={i === index ? colours.accent : colours.ink}
                  strokeWidth={i === index ? 4 : 1.4}
                />
                {labels.has(i) && (
                  <SvgText
                    x={labels.get(i)}
                    y={AXIS + 18}
                    textAnchor="middle"
                    fontFamily={FONT.figures}
                    fontSize={i === index ? 15 : 13}
                    fontWeight={i === index ? '600' : '400'}
                    fill={i === index ? colours.accent : colours.quiet}
                  >
                    {show(rung)}
                  </SvgText>
                )}
              </G>
            ))}
          </Svg>
        )}
      </Pressable>
      <IconButton says="One step up" disabled={index >= rungs.length - 1} onPress={() => go(1)}>
        <PlusIcon color={colours.accent} size={24} />
      </IconButton>
    </View>
  );
}

const useStyles = themed(() =>
  sheet({
    ladder: { flexDirection: 'row', alignItems: 'center', gap: SPACE.close, paddingHorizontal: SPACE.close },
    scale: { flex: 1, height: HEIGHT, minHeight: TOUCH },
    untouchable: { pointerEvents: 'none' },
  }),
);
