import { spokenName } from '../spoken';
import type { Area } from './apart';
import { Pressable, Text } from 'react-native';
import { Line, Path } from 'react-native-svg';
import { sheet } from '../../theme/sheet';
import { themed } from '../../theme/theme';
import { FONT, SIZE } from '../../theme/type';

export type Pen = {
  readonly ink: string;
  readonly accent: string;
  readonly quiet: string;
  readonly wash: string;
  readonly sheet: string;
  readonly line: string;
};

/** A figure on the drawing; `at` is the middle of its left or right edge or its centre. */
export interface DimensionMark<Key extends string = string> {
  readonly key: Key;
  readonly x: number;
  readonly y: number;
  readonly anchor: 'left' | 'middle' | 'right';
  readonly figure: string;
  readonly after: string;
  /** Spoken name, such as "Diameter 32 mm". */
  readonly says: string;
}

const HEAD = 4;

/** Arrowhead with its point at (x, y), looking along (dx, dy), a unit vector. */
export function arrowHead(x: number, y: number, dx: number, dy: number, size = HEAD): string {
  const bx = x - dx * size * 2;
  const by = y - dy * size * 2;
  return `M${x} ${y}L${bx - dy * size} ${by + dx * size}M${x} ${y}L${bx + dy * size} ${by - dx * size}`;
}

/** A dimension line between two points, arrows at both ends, turned outside in when it is short. */
export function DimensionLine({
  x1,
  y1,
  x2,
  y2,
  pen,
}: {
  x1: number;
  y1: number;
  x2: number;
  y2: number;
  pen: Pen;
}) {
  const long = Math.hypot(x2 - x1, y2 - y1);
  const [ux, uy] = long > 0 ? [(x2 - x1) / long, (y2 - y1) / long] : [0, 1];
  const outside = long < 26;
  const reach = outside ? 18 : 0;
  const sign = outside ? -1 : 1;
  return (
    <>
      <Line
        x1={x1 - ux * reach}
        y1={y1 - uy * reach}
        x2={outside ? x1 : x2}
        y2={outside ? y1 : y2}
        stroke={pen.accent}
        strokeWidth={1.2}
      />
      {outside && (
        <Line
          x1={x2}
          y1={y2}
          x2={x2 + ux * reach}
          y2={y2 + uy * reach}
          stroke={pen.accent}
          strokeWidth={1.2}
        />
      )}
      <Path
        d={arrowHead(x1, y1, -ux * sign, -uy * sign) + arrowHead(x2, y2, ux * sign, uy * sign)}
        stroke={pen.accent}
        strokeWidth={1.2}
        fill="none"
      />
    </>
  );
}

const HEIGHT = 48;
const FIGURE_WIDTH = 11.6;
const AFTER_WIDTH = 8.6;
const MARGIN = 14;

/** Width of a figure's touched area: its text, but at least a finger's width. */
const widthOf = ({ figure, after }: DimensionMark): number =>
  Math.max(
    HEIGHT,
    figure.length * FIGURE_WIDTH + (after === '' ? 0 : after.length + 1) * AFTER_WIDTH + MARGIN,
  );

/** Where a figure is touched, at the size of the browser's text. */
export function areaOf(mark: DimensionMark, textScale: number): Area {
  const width = widthOf(mark) * textScale;
  const left =
    mark.anchor === 'left' ? mark.x : mark.anchor === 'right' ? mark.x - width : mark.x - width / 2;
  return { left, top: mark.y - HEIGHT / 2, width, height: HEIGHT };
}

/** The figure of a dimension as a button. */
export function DimensionFigure({
  mark,
  area,
  onPress,
  chosen = false,
}: {
  mark: DimensionMark;
  area: Area;
  onPress: () => void;
  chosen?: boolean;
}) {
  const styles = useStyles();
  const align = ({ left: 'flex-start', middle: 'center', right: 'flex-end' } as const)[mark.anchor];
  return (
    <Pressable
      role="button"
      aria-label={`${spokenName([mark.figure, mark.after].filter(Boolean).join(' '), mark.says)}, change`}
      testID={`dimension-${mark.key}`}
      onPress={onPress}
      style={[styles.target, area, { alignItems: align }]}
    >
      <Text style={[styles.figure, chosen && styles.chosen]} numberOfLines={1}>
        {mark.figure}
        <Text style={styles.after}>{mark.after && ` ${mark.after}`}</Text>
      </Text>
    </Pressable>
  );
}

const useStyles = themed((c) =>
  sheet({
    target: { position: 'absolute', justifyContent: 'center' },
    figure: {
      fontFamily: FONT.figures,
      fontWeight: '600',
      fontSize: SIZE.lead - 1,
      color: c.accent,
      backgroundColor: c.sheet,
      paddingHorizontal: 3,
      textDecorationLine: 'underline',
      textDecorationStyle: 'dotted',
    },
    chosen: { backgroundColor: c.wash },
    after: { fontFamily: FONT.figures, fontWeight: '400', fontSize: SIZE.small, color: c.quiet },
  }),
);
