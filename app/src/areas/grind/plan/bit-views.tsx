import type { BitPlan, PaintTree } from '@pike-stone/core/grind';
import { Line } from 'react-native-svg';
import { SvgText } from '../../../kit/drawing/SvgText';
import { DimensionLine, type Pen } from '../../../kit/drawing/dimensions';
import type { TouchDrawing } from '../../../kit/drawing/TouchPaper';
import { FONT, SIZE } from '../../../theme/type';
import type { Placing } from '../solid/project';
import { SolidArt } from '../solid/SolidArt';
import { MARGIN, placings, type Paper } from './bit-layout';
import { ALONG_GAP, figureOf, placedMarks, type BitMark } from './bit-marks';

/** Lengths along the shank have a dimension line of their own, under the plan. */
const isAlong = (key: BitMark): key is 'edgeMm' | 'bladeMm' => key === 'edgeMm' || key === 'bladeMm';

function Along({
  plan,
  mark,
  y,
  at,
  pen,
}: {
  plan: BitPlan;
  mark: 'edgeMm' | 'bladeMm';
  y: number;
  at: Placing;
  pen: Pen;
}) {
  const [x1, x2] = [at.x - plan.sizes[mark] * at.scale, at.x];
  return (
    <>
      {[x1, x2].map((x) => (
        <Line key={x} x1={x} y1={y - 8} x2={x} y2={y + 5} stroke={pen.accent} strokeWidth={1} />
      ))}
      <DimensionLine x1={x1} y1={y} x2={x2} y2={y} pen={pen} />
    </>
  );
}

const LABEL = 13;

/** The bit in three views with its figures; the views are drawn from the solid itself. */
export function drawBit(
  plan: BitPlan,
  tree: PaintTree | null,
  steps: readonly string[],
  paper: Paper,
): TouchDrawing<BitMark> {
  const at = placings(plan, paper);
  const { pen, units } = paper;
  const placed = placedMarks(plan, paper);
  return {
    says: 'The bit from above, from the right and onto the nose, to scale',
    art: (
      <>
        {(['plan', 'side', 'end'] as const).map((view) => (
          <SolidArt key={view} tree={tree} steps={steps} placing={at[view]} plain />
        ))}
        {placed.map(({ key, x, y, to, anchor }) =>
          isAlong(key) ? (
            <Along key={key} plan={plan} mark={key} y={y - ALONG_GAP} at={at.plan} pen={pen} />
          ) : (
            <Line
              key={key}
              x1={anchor === 'left' ? x + 2 : anchor === 'right' ? x - 2 : x}
              y1={y < to[1] ? y + 9 : y > to[1] + 20 ? y - 9 : y}
              x2={to[0]}
              y2={to[1]}
              stroke={pen.accent}
              strokeWidth={1}
            />
          ),
        )}
        <SvgText
          x={MARGIN}
          y={at.bottom + LABEL + 4}
          fill={pen.quiet}
          fontFamily={FONT.words}
          fontSize={SIZE.small}
        >
          from the right
        </SvgText>
      </>
    ),
    marks: placed.map(({ key, x, y, anchor, after = '' }) => {
      const { figure, name } = figureOf(plan, key, units);
      return { key, x, y, anchor, figure, after, says: `${name} ${figure}` };
    }),
  };
}
