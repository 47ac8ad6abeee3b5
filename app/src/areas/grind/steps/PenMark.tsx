import type { Facet } from '@pike-stone/core/grind';
import { Line } from 'react-native-svg';
import { useColours } from '../../../theme/theme';
import { farthestApart, onPaper, type Placing } from '../solid/project';

/** The face that is being ground, seen from its edge: where the felt-pen mark must vanish. */
export function PenMark({ face, placing }: { face: readonly Facet[]; placing: Placing }) {
  const c = useColours();
  const ends = farthestApart(
    face.flatMap(({ corners }) => corners.map((corner) => onPaper(placing, corner))),
  );
  if (!ends) return null;
  const [[x1, y1], [x2, y2]] = ends;
  return <Line x1={x1} y1={y1} x2={x2} y2={y2} stroke={c.accent} strokeWidth={4} strokeLinecap="round" />;
}
