import type { Facet, GrindStep, PaintTree, RestSetting } from '@pike-stone/core/grind';
import { G, Rect } from 'react-native-svg';
import { SvgText } from '../../../kit/drawing/SvgText';
import { useColours } from '../../../theme/theme';
import { FONT, SIZE } from '../../../theme/type';
import { onPaper, type Placing } from '../solid/project';
import { SolidArt } from '../solid/SolidArt';
import { fromAbove } from './stance';

const INSET = { width: 128, height: 104, margin: 8, wheel: 13 } as const;

/** The corner picture: how far the bit is turned on the rest, the wheel at the top. */
export function FromAbove({
  setting,
  step,
  facets,
  steps,
  tree,
  width,
}: {
  setting: RestSetting;
  step: GrindStep;
  facets: readonly Facet[];
  steps: readonly string[];
  tree: PaintTree | null;
  width: number;
}) {
  const c = useColours();
  const left = width - INSET.width - INSET.margin;
  const eye = fromAbove(setting);
  const scale = 3.1;
  const at: Placing = { eye, scale, x: 0, y: 0 };
  const own = facets.filter(({ by }) => by === step.key).flatMap(({ corners }) => corners);
  const points = own.map((corner) => onPaper(at, corner));
  const all = facets.flatMap(({ corners }) => corners.map((corner) => onPaper(at, corner)));
  const top = Math.min(...(points.length > 0 ? points : all).map(([, y]) => y));
  const xs = all.map(([x]) => x);
  const mid = (Math.min(...xs) + Math.max(...xs)) / 2;
  const placing: Placing = {
    ...at,
    x: left + INSET.width / 2 - mid,
    y: INSET.margin + INSET.wheel + 3 - top,
  };
  return (
    <G>
      <Rect
        x={left}
        y={INSET.margin}
        width={INSET.width}
        height={INSET.height}
        fill={c.sheet}
        stroke={c.line}
        strokeWidth={1}
      />
      <SolidArt tree={tree} steps={steps} placing={placing} plain />
      <Rect
        x={left}
        y={INSET.margin}
        width={INSET.width}
        height={INSET.wheel}
        fill={c.ground}
        stroke={c.ink}
        strokeWidth={1.2}
      />
      <SvgText
        x={left + INSET.width - 6}
        y={INSET.margin + INSET.height - 7}
        fill={c.quiet}
        fontFamily={FONT.words}
        fontSize={SIZE.small}
        textAnchor="end"
      >
        from above
      </SvgText>
    </G>
  );
}
