import { unlessRefused } from '@pike-stone/core';
import { BORE_GAP_MM, boreClearance, boreOutline, boreSection, smallestBore } from '@pike-stone/core/grind';
import { sayBoreGap, saySmallestBore } from '@pike-stone/words/grind';
import { View } from 'react-native';
import Svg, { Circle, Line, Path } from 'react-native-svg';
import { useUnits } from '../../../data/preferences';
import { linePath } from '../../../kit/drawing/line-path';
import { Caution } from '../../../kit/Caution';
import { SCREEN_PX_PER_MM } from '../../../kit/drawing/screen-scale';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { useColours } from '../../../theme/theme';
import { SPACE } from '../../../theme/type';
import type { Bit } from '../use-bit';

const MARGIN_PX = 14;
/** Radius up to which a bore is drawn at its true size. */
const LARGEST_PX = 150;

/** The bit in its bore at true size, and where it stands nearest to the wall. */
export function InBore({
  bit,
  diameterMm,
  heightErrorMm,
}: {
  bit: Bit;
  diameterMm: number;
  heightErrorMm: number;
}) {
  const units = useUnits();
  const c = useColours();
  const section = boreSection(bit.plan, heightErrorMm);
  const at = unlessRefused(() => boreClearance(section, diameterMm), null);
  const least = unlessRefused(() => smallestBore(section, BORE_GAP_MM), null);
  if (!at) return null;
  const radius = (diameterMm / 2) * SCREEN_PX_PER_MM;
  const shown = Math.min(radius, LARGEST_PX);
  const scale = (shown / radius) * SCREEN_PX_PER_MM;
  const middle = shown + MARGIN_PX;
  const outline = boreOutline(
    { ...section, widthMm: Math.min(bit.plan.blank.widthMm, diameterMm) },
    diameterMm,
  );
  const path = linePath(outline.map(({ x, y }) => [middle + x * scale, middle - y * scale]));
  return (
    <Sheet>
      <View style={styles.pad} testID="bore-clearance">
        <Words role="heading">In the bore</Words>
        <View role="img" aria-label="The bit in its bore, seen along the axis">
          <Svg width={2 * middle} height={2 * middle}>
            <Circle cx={middle} cy={middle} r={shown} fill={c.sheet} stroke={c.ink} strokeWidth={1.6} />
            <Line x1={middle - 8} y1={middle} x2={middle + 8} y2={middle} stroke={c.quiet} />
            <Line x1={middle} y1={middle - 8} x2={middle} y2={middle + 8} stroke={c.quiet} />
            <Path d={`${path}Z`} fill={c.wash} stroke={at.touches ? c.danger : c.accent} strokeWidth={1.6} />
          </Svg>
        </View>
        {at.touches ? (
          <Caution level="danger">{sayBoreGap(at, units)}</Caution>
        ) : (
          <Words>{sayBoreGap(at, units)}</Words>
        )}
        {least !== null && <Words>{saySmallestBore(least, BORE_GAP_MM, units)}</Words>}
        <Words role="note">
          {scale < SCREEN_PX_PER_MM ? 'Drawn smaller than it is.' : 'About true size on most screens.'}
        </Words>
      </View>
    </Sheet>
  );
}

const styles = sheet({ pad: { padding: SPACE.edge, gap: SPACE.near } });
