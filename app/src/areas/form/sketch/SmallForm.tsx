import { boundsOf, shapeOf, type FormSource } from '@pike-stone/core/form';
import { unlessRefused } from '@pike-stone/core';
import { useMemo } from 'react';
import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { useColours } from '../../../theme/theme';
import { fitted, profilePath, roomWithin } from './profile-path';

const WIDTH = 64;
const HEIGHT = 44;
const MARGIN = 3;

/** The outline of a form, for a line of a list. */
export function SmallForm({ source }: { source: FormSource }) {
  const pen = useColours();
  const key = JSON.stringify(source);
  const path = useMemo(() => {
    const shape = unlessRefused(() => shapeOf(JSON.parse(key) as FormSource), null);
    if (!shape) return null;
    return profilePath(shape.profile, fitted(boundsOf(shape.profile), roomWithin(WIDTH, HEIGHT, MARGIN)));
  }, [key]);
  return (
    <View aria-hidden>
      <Svg width={WIDTH} height={HEIGHT}>
        {path && <Path d={path} fill="none" stroke={pen.ink} strokeWidth={1.6} />}
      </Svg>
    </View>
  );
}
