import type { PlanePoint } from '@pike-stone/core/form';
import { Image, Pressable, StyleSheet, View } from 'react-native';
import Svg, { Circle, Line, Path } from 'react-native-svg';
import { linePath } from '../../../kit/drawing/line-path';
import { useWidth } from '../../../kit/useWidth';
import { sheet } from '../../../theme/sheet';
import { useColours } from '../../../theme/theme';
import type { OpenPhoto } from './open-photo';

const ARM = 10;

/** A photo on which places are marked by touch, with what was traced over it. */
export function PhotoMarks({
  photo,
  marks,
  traced,
  onMark,
}: {
  photo: OpenPhoto;
  marks: readonly PlanePoint[];
  traced: readonly PlanePoint[];
  onMark: (pixel: PlanePoint) => void;
}) {
  const pen = useColours();
  const { width, onLayout } = useWidth();
  const scale = width / photo.width;
  const height = photo.height * scale;
  const line = linePath(traced.map(([x, y]) => [x * scale, y * scale]));
  return (
    <View onLayout={onLayout}>
      {width > 0 && (
        <Pressable
          testID="photo"
          aria-label="Photo to mark"
          role="button"
          onPress={(event) => {
            const { offsetX, offsetY, locationX, locationY } = event.nativeEvent as unknown as Record<
              string,
              number | undefined
            >;
            const [x, y] = [offsetX ?? locationX, offsetY ?? locationY];
            if (x !== undefined && y !== undefined) onMark([x / scale, y / scale]);
          }}
          style={{ width, height }}
        >
          <Image source={{ uri: photo.url }} style={[styles.art, { width, height }]} />
          <View style={styles.art}>
            <Svg width={width} height={height}>
              <Path d={line} fill="none" stroke={pen.danger} strokeWidth={2} />
              {marks.map(([x, y], i) => (
                <Circle
                  key={`c${i}`}
                  cx={x * scale}
                  cy={y * scale}
                  r={ARM - 3}
                  fill="none"
                  stroke={pen.accent}
                  strokeWidth={1.6}
                />
              ))}
              {marks.flatMap(([x, y], i) => [
                <Line
                  key={`h${i}`}
                  x1={x * scale - ARM}
                  x2={x * scale + ARM}
                  y1={y * scale}
                  y2={y * scale}
                  stroke={pen.accent}
                  strokeWidth={1.2}
                />,
                <Line
                  key={`v${i}`}
                  x1={x * scale}
                  x2={x * scale}
                  y1={y * scale - ARM}
                  y2={y * scale + ARM}
                  stroke={pen.accent}
                  strokeWidth={1.2}
                />,
              ])}
            </Svg>
          </View>
        </Pressable>
      )}
    </View>
  );
}

const styles = sheet({ art: { ...StyleSheet.absoluteFill, pointerEvents: 'none' } });
