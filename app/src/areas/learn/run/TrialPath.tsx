import type { Setting, Trial } from '@pike-stone/core/learn';
import { Circle, G, Path, Rect } from 'react-native-svg';
import { linePath } from '../../../kit/drawing/line-path';
import { SvgText, useDrawnScale } from '../../../kit/drawing/SvgText';
import { useColours } from '../../../theme/theme';
import { FONT } from '../../../theme/type';
import type { Place } from './chip-regions';
import type { Mark } from './map-field';

/** Half height of a mark, and radius of the place where the next trial will be, px. */
const MARK = 10;
const NEXT = 9;
/** Room that each further sign of a label takes, px. */
const WIDER = 6;

/** The trials as a path of numbered marks, and the way to the next one. */
export function TrialPath({
  trials,
  marks,
  next,
  at,
}: {
  trials: readonly Trial[];
  marks: readonly Mark[];
  next: Setting | null;
  /** Place of a setting on the map, px. */
  at: (setting: Setting) => Place;
}) {
  const c = useColours();
  const small = 12 * useDrawnScale();
  const last = trials.at(-1);
  const ahead = next && at(next);
  return (
    <>
      {last && (
        <Path
          d={linePath(trials.map(({ setting }) => at(setting)))}
          stroke={c.accent}
          strokeWidth={2}
          fill="none"
        />
      )}
      {ahead && last && (
        <Path
          d={linePath([at(last.setting), ahead])}
          stroke={c.accent}
          strokeWidth={2}
          strokeDasharray="5 4"
          fill="none"
        />
      )}
      {ahead && (
        <Circle cx={ahead[0]} cy={ahead[1]} r={NEXT} stroke={c.accent} strokeWidth={2} fill={c.sheet} />
      )}
      {marks.map(({ setting, outcome, label }) => {
        const [x, y] = at(setting);
        const wider = WIDER * (label.length - 1);
        return (
          <G key={label}>
            <Rect
              x={x - MARK - wider / 2}
              y={y - MARK}
              width={2 * MARK + wider}
              height={2 * MARK}
              rx={MARK}
              fill={outcome === 'worked' ? c.accent : c.sheet}
              stroke={outcome === 'did-not-work' ? c.danger : c.accent}
              strokeWidth={2}
            />
            <SvgText
              x={x}
              y={y + small / 3}
              textAnchor="middle"
              fontFamily={FONT.figures}
              fontSize={12}
              fill={outcome === 'worked' ? c.onAccent : c.ink}
            >
              {label}
            </SvgText>
          </G>
        );
      })}
    </>
  );
}
