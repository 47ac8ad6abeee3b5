import { formatFeedPerTurn, formatLength, type UnitSystem } from '@pike-stone/words';
import { G, Line, Path } from 'react-native-svg';
import { QuietText } from '../../../kit/drawing/QuietText';
import { useDrawnScale } from '../../../kit/drawing/SvgText';
import { useColours } from '../../../theme/theme';
import { edgesAt } from './map-edges';
import { endsOf, HEIGHT, type Range } from './map-field';

/** The two scales of the map: feed below, depth at the left, each with the least and the most of the trials. */
export function MapScales({
  feeds,
  depths,
  x,
  y,
  width,
  units,
}: {
  feeds: Range;
  depths: Range;
  /** Place of a feed, and of a depth, px. */
  x: (feedMmRev: number) => number;
  y: (depthMm: number) => number;
  width: number;
  units: UnitSystem;
}) {
  const c = useColours();
  const scale = useDrawnScale();
  const { left, right, top, bottom } = edgesAt(scale);
  const small = 12 * scale;
  return (
    <>
      <Path
        d={`M${left} ${top}V${HEIGHT - bottom}H${width - right}`}
        stroke={c.strongLine}
        strokeWidth={1}
        fill="none"
      />
      {endsOf(depths).map((depthMm) => (
        <G key={depthMm}>
          <Line x1={left - 4} x2={left} y1={y(depthMm)} y2={y(depthMm)} stroke={c.strongLine} />
          <QuietText x={left - 6} y={y(depthMm) + small / 3} anchor="end" figures>
            {formatLength(depthMm, units).figure}
          </QuietText>
        </G>
      ))}
      {endsOf(feeds).map((feedMmRev) => (
        <QuietText key={feedMmRev} x={x(feedMmRev)} y={HEIGHT - bottom + small + 3} anchor="middle" figures>
          {formatFeedPerTurn(feedMmRev, units).figure}
        </QuietText>
      ))}
      <QuietText x={width - right} y={HEIGHT - 5} anchor="end">
        {`feed, ${formatFeedPerTurn(1, units).unit}`}
      </QuietText>
      <QuietText x={2} y={top + small / 2}>
        depth
      </QuietText>
    </>
  );
}
