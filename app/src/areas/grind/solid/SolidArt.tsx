import type { PaintTree } from '@pike-stone/core/grind';
import { useMemo } from 'react';
import { G, Path } from 'react-native-svg';
import { mixed, useFaceColours } from '../../../theme/face-colours';
import { useColours } from '../../../theme/theme';
import { isBlank, strokesOf, type Placing } from './project';

/** Darkest that a face is shaded, as a share of ink. */
const SHADE = 0.22;

/** A solid drawn from one side: hidden faces left out, edges scribed, faces in the colour of their step. */
export function SolidArt({
  tree,
  steps,
  placing,
  plain = false,
}: {
  tree: PaintTree | null;
  /** Names of the steps in their order. */
  steps: readonly string[];
  placing: Placing;
  /** Without light and shade, as a drawing in views is. */
  plain?: boolean;
}) {
  const faces = useFaceColours();
  const colours = useColours();
  const { eye, scale, x, y } = placing;
  const strokes = useMemo(() => strokesOf(tree, { eye, scale, x, y }), [tree, eye, scale, x, y]);
  return (
    <>
      {strokes.map((stroke, i) => {
        const own = isBlank(stroke) ? faces.blank : faces.ofStep(Math.max(0, steps.indexOf(stroke.by)));
        const fill = plain ? own : mixed(own, faces.shade, SHADE * (1 - stroke.light));
        return (
          <G key={`${i}-${stroke.by}`}>
            <Path d={stroke.area} fill={fill} stroke={fill} strokeWidth={0.6} />
            {stroke.edges !== '' && (
              <Path d={stroke.edges} fill="none" stroke={colours.ink} strokeWidth={1.1} />
            )}
          </G>
        );
      })}
    </>
  );
}
