import { Pressable, View } from 'react-native';
import Svg, { Circle, G } from 'react-native-svg';
import { QuietText } from '../../../kit/drawing/QuietText';
import { SvgText } from '../../../kit/drawing/SvgText';
import { sheet } from '../../../theme/sheet';
import { themed, useColours } from '../../../theme/theme';
import { apart } from '../../../kit/drawing/apart';
import { useWidth } from '../../../kit/useWidth';
import { FONT, TOUCH } from '../../../theme/type';

export type Place = { readonly side: 'drivers' | 'driven'; readonly pair: number };

interface TrainDrawingProps {
  readonly drivers: readonly number[];
  readonly driven: readonly number[];
  readonly onGear: (place: Place) => void;
}

interface Gear {
  readonly place: Place;
  readonly teeth: number;
  readonly x: number;
  readonly y: number;
  readonly says: string;
  readonly shaft: string;
}

const HEIGHT = 250;
const EDGE = 14;
const TURN = Math.PI / 7;
/** Half the height of the figures of a number of teeth, px. */
const LABEL_RISE = 6;

/** Pitch circles in mesh, module 1: spindle gear at the left, leadscrew gear at the right. */
function placed({ drivers, driven }: Pick<TrainDrawingProps, 'drivers' | 'driven'>): readonly Gear[] {
  const gears: Gear[] = [];
  let [x, y] = [0, 0];
  drivers.forEach((driver, pair) => {
    const last = pair === drivers.length - 1;
    gears.push({
      place: { side: 'drivers', pair },
      teeth: driver,
      x,
      y,
      says: pair === 0 ? 'Gear on the spindle side' : 'Second driving gear',
      shaft: pair === 0 ? 'spindle' : 'stud',
    });
    const other = driven[pair] ?? driver;
    const apart = (driver + other) / 2;
    // Gears go alternately up and down, so that the train stays low.
    const angle = pair % 2 === 0 ? TURN : -TURN;
    x += apart * Math.cos(angle);
    y += apart * Math.sin(angle);
    gears.push({
      place: { side: 'driven', pair },
      teeth: other,
      x,
      y,
      says: last ? 'Gear on the leadscrew' : 'First driven gear',
      shaft: last ? 'leadscrew' : 'stud',
    });
  });
  return gears;
}

/** How far below its centre a gear's number of teeth stands, px. The smaller of two on one stud is in front. */
function labelBelow(gears: readonly Gear[], gear: Gear, r: number): number {
  const isInFront = gears.some(
    (other) => other.x === gear.x && other.y === gear.y && other.teeth > gear.teeth,
  );
  return isInFront ? 20 : Math.max(20, r - 9);
}

/** Draws the change gears on the banjo to scale. Touching one asks for another in its place. */
export function TrainDrawing({ drivers, driven, onGear }: TrainDrawingProps) {
  const styles = useStyles();
  const c = useColours();
  const { width, onLayout } = useWidth();
  const gears = placed({ drivers, driven });
  const left = Math.min(...gears.map(({ x, teeth }) => x - teeth / 2));
  const right = Math.max(...gears.map(({ x, teeth }) => x + teeth / 2));
  const top = Math.min(...gears.map(({ y, teeth }) => y - teeth / 2));
  const bottom = Math.max(...gears.map(({ y, teeth }) => y + teeth / 2));
  const scale = Math.min((width - 2 * EDGE) / (right - left), (HEIGHT - 2 * EDGE) / (bottom - top));
  const at = (gear: Gear) => ({
    cx: width / 2 + (gear.x - (left + right) / 2) * scale,
    cy: HEIGHT / 2 + (gear.y - (top + bottom) / 2) * scale,
    r: (gear.teeth / 2) * scale,
  });
  // A gear is touched at its number of teeth: two on one stud have one centre.
  const areas = apart(
    gears.map((gear) => {
      const { cx, cy, r } = at(gear);
      const middle = cy + labelBelow(gears, gear, r) - LABEL_RISE;
      return { left: cx - TOUCH / 2, top: middle - TOUCH / 2, width: TOUCH, height: TOUCH };
    }),
    { width, height: HEIGHT },
  );
  return (
    <View
      role="group"
      aria-label={`Change gears: ${gears.map(({ says, teeth }) => `${says} ${teeth}`).join(', ')}`}
      style={styles.paper}
      onLayout={onLayout}
    >
      {width > 0 && (
        <>
          <Svg width={width} height={HEIGHT} style={styles.art}>
            {[...gears]
              .sort((a, b) => b.teeth - a.teeth)
              .map((gear) => {
                const { cx, cy, r } = at(gear);
                // Two gears on one stud have one centre: the smaller is drawn in front.
                return (
                  <Circle
                    key={`${gear.place.side}${gear.place.pair}`}
                    cx={cx}
                    cy={cy}
                    r={r}
                    fill={c.ground}
                    stroke={c.ink}
                    strokeWidth={1.4}
                    strokeDasharray="4 2"
                  />
                );
              })}
            {gears.map((gear) => {
              const { cx, cy, r } = at(gear);
              const label = { x: cx, y: cy + labelBelow(gears, gear, r) };
              return (
                <G key={`t${gear.place.side}${gear.place.pair}`}>
                  <Circle cx={cx} cy={cy} r={3} fill={c.ink} />
                  <SvgText
                    x={label.x}
                    y={label.y}
                    textAnchor="middle"
                    fontFamily={FONT.figures}
                    fontSize={16}
                    fontWeight="600"
                    fill={c.accent}
                    textDecoration="underline"
                  >
                    {gear.teeth}
                  </SvgText>
                  {gear.shaft !== 'stud' && (
                    <QuietText x={cx} y={cy - 8} anchor="middle">
                      {gear.shaft}
                    </QuietText>
                  )}
                </G>
              );
            })}
          </Svg>
          {gears.map((gear, i) => (
            <Pressable
              key={`p${gear.place.side}${gear.place.pair}`}
              role="button"
              aria-label={`${gear.teeth} teeth, ${gear.says}, change`}
              onPress={() => onGear(gear.place)}
              style={[styles.touched, areas[i]]}
            />
          ))}
        </>
      )}
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({
    paper: {
      height: HEIGHT,
      backgroundColor: c.sheet,
      borderTopWidth: 1,
      borderBottomWidth: 1,
      borderColor: c.line,
    },
    art: { pointerEvents: 'none' },
    touched: { position: 'absolute' },
  }),
);
