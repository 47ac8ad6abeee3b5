import { metalLeftNear, type PlanePoint, type Profile } from '@pike-stone/core/form';
import { unlessRefused } from '@pike-stone/core';
import { sayCusps } from '@pike-stone/words/form';
import { useMemo } from 'react';
import { View } from 'react-native';
import Svg, { Line, Path } from 'react-native-svg';
import { useUnits } from '../../../data/preferences';
import { linePath } from '../../../kit/drawing/line-path';
import { Words } from '../../../kit/Words';
import { useWidth } from '../../../kit/useWidth';
import { useColours } from '../../../theme/theme';

const HEIGHT = 64;
const FOOT = 14;
const CUSP_PX = 34;
const SIDE = 12;

/** The cusps around the next stop, their height much enlarged: metal that the wheel leaves on the form. */
export function CuspPicture({
  profile,
  stops,
  at,
  stoneMm,
  cuspMm,
}: {
  profile: Profile;
  stops: readonly PlanePoint[];
  at: number;
  stoneMm: number;
  cuspMm: number;
}) {
  const pen = useColours();
  const units = useUnits();
  const { width, onLayout } = useWidth();
  const left = useMemo(
    () => unlessRefused(() => metalLeftNear(profile, stops, stoneMm, at), []),
    [profile, stops, stoneMm, at],
  );
  const long = left.at(-1)?.alongMm ?? 0;
  if (long === 0) return null;
  const ground = HEIGHT - FOOT;
  const x = (mm: number): number => SIDE + ((width - 2 * SIDE) * mm) / long;
  const y = (mm: number): number => ground - Math.min(ground - 2, (CUSP_PX * mm) / cuspMm);
  const most = Math.max(...left.map(({ leftMm }) => leftMm));
  const outline = linePath([
    [x(0), ground],
    ...left.map(({ alongMm, leftMm }) => [x(alongMm), y(leftMm)] as const),
    [x(long), ground],
  ]);
  return (
    <View testID="cusps">
      <View role="img" aria-label="Cusps around this stop" onLayout={onLayout} style={{ minHeight: HEIGHT }}>
        {width > 0 && (
          <Svg width={width} height={HEIGHT}>
            <Path d={`${outline}Z`} fill={pen.wash} stroke={pen.accent} strokeWidth={1.4} />
            <Line x1={SIDE} x2={width - SIDE} y1={ground} y2={ground} stroke={pen.ink} strokeWidth={2} />
            <Line
              x1={SIDE}
              x2={width - SIDE}
              y1={y(cuspMm)}
              y2={y(cuspMm)}
              stroke={pen.quiet}
              strokeDasharray="6 4"
            />
          </Svg>
        )}
      </View>
      <Words role="note">{sayCusps(most, cuspMm, units)}</Words>
    </View>
  );
}
