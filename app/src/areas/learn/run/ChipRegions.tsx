import type { ChipMap } from '@pike-stone/core/learn';
import { Path } from 'react-native-svg';
import { SvgText } from '../../../kit/drawing/SvgText';
import { useColourNumbers, useColours } from '../../../theme/theme';
import { FONT } from '../../../theme/type';
import { NAME, namePlace, REGION, regionPath, SHADE, type Bounds, type Place } from './chip-regions';

/** The chip to expect, as shaded regions with their names. */
export function ChipRegions({
  map,
  bounds,
  taken,
}: {
  map: ChipMap;
  /** Room of the regions, px. */
  bounds: Bounds;
  /** Places that a name must not cover. */
  taken: readonly Place[];
}) {
  const c = useColours();
  const numbers = useColourNumbers();
  const { left, right, top, bottom } = bounds;
  const x = (cell: number): number => Math.round(left + (cell / map.feedsMmRev.length) * (right - left));
  const y = (cell: number): number => Math.round(bottom - (cell / map.depthsMm.length) * (bottom - top));
  const classes = [...new Set(map.chips.flat())];
  return (
    <>
      {classes.map((chip) => (
        <Path key={chip} d={regionPath(map, chip, x, y)} fill={numbers.quiet} fillOpacity={SHADE[chip]} />
      ))}
      {classes.map((chip) => {
        const place = namePlace(map, chip, (column, row) => [x(column), y(row)], taken, bounds);
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
    </>
  );
}
