import { Axis } from '../sketch/Axis';
import type { CentreDrill } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { centreHoleDepth } from '@pike-stone/core';
import { formatLength, joined } from '@pike-stone/words';
import { G, Path } from 'react-native-svg';
import { arrowHead, DimensionLine } from '../../../kit/drawing/dimensions';
import { hatch, type Drawing, type SketchInput } from '../sketch/drawing';
import { feedMark } from '../sketch/feed-mark';

const CONE_HALF = Math.tan(Math.PI / 6);

/** A centre hole in section, drawn lying; on a mill the same drill comes from above. */
function draw(input: SketchInput<CentreDrill>): Drawing {
  const { setup, plan, units, width, height, pen } = input;
  const { tool } = setup;
  const mouth = plan.diameterMm;
  const body = Math.max(mouth / 0.8, tool.diameterMm * 1.15);
  const scale = Math.min((height - 130) / body, (width * 0.4) / (centreHoleDepth(tool) + body), 14);
  const [P, M, B] = [(tool.diameterMm / 2) * scale, (mouth / 2) * scale, (body / 2) * scale];
  const cone = (M - P) / CONE_HALF;
  const deep = centreHoleDepth(tool) * scale;
  const cy = height * 0.48;
  const face = width * 0.5;
  const bottom = face - deep;
  const wall = Math.max(M + 18, Math.min(height * 0.3, M + 44));
  const shown = {
    d: formatLength(tool.diameterMm, units),
    mouth: formatLength(mouth, units),
    deep: formatLength(centreHoleDepth(tool), units),
  };
  const hole = `L${face} ${cy - M}L${face - cone} ${cy - P}H${bottom}L${bottom - P * 0.6} ${cy}L${bottom} ${cy + P}H${face - cone}L${face} ${cy + M}`;
  const tip = `M${bottom - P * 0.6} ${cy}L${bottom} ${cy - P}H${face - cone}L${face} ${cy - M}L${face + (B - M) / CONE_HALF} ${cy - B}H${width - 8}V${cy + B}H${face + (B - M) / CONE_HALF}L${face} ${cy + M}L${face - cone} ${cy + P}H${bottom}Z`;
  const art = (
    <G>
      <Path
        d={`${hatch(4, cy - wall, bottom - P - 4, 2 * wall)}${hatch(bottom - P, cy - wall, face - bottom + P, wall - M)}${hatch(bottom - P, cy + M, face - bottom + P, wall - M)}`}
        stroke={pen.line}
        strokeWidth={1}
      />
      <Path
        d={`M2 ${cy - wall}H${face}${hole}V${cy + wall}H2`}
        fill="none"
        stroke={pen.ink}
        strokeWidth={2}
      />
      <Path d={tip} fill={pen.wash} stroke={pen.ink} strokeWidth={1.6} strokeLinejoin="round" />
      <Axis y={cy} from={4} to={width - 4} pen={pen} />
      <Path
        d={`M${bottom} ${cy + P + 3}V${cy + wall + 22}M${face} ${cy + wall + 3}V${cy + wall + 22}`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={bottom} y1={cy + wall + 16} x2={face} y2={cy + wall + 16} pen={pen} />
      <Path
        d={`M${bottom + 4} ${cy - P}V${cy - wall - 18}M${width * 0.86} ${height - 14}H${width * 0.68}${arrowHead(width * 0.68, height - 14, -1, 0)}`}
        stroke={pen.accent}
        strokeWidth={1}
        fill="none"
      />
    </G>
  );
  return {
    art,
    says: `Centre hole, pilot ⌀${joined(shown.d)}, mouth ⌀${joined(shown.mouth)}, ${joined(shown.deep)} deep`,
    marks: [
      {
        key: 'diameter',
        x: Math.max(60, bottom + 4),
        y: Math.max(24, cy - wall - 30),
        anchor: 'middle',
        figure: `⌀${shown.d.figure}`,
        after: 'pilot',
        says: `Pilot ${joined(shown.d)}`,
      },
      {
        key: 'depth',
        x: (bottom + face) / 2,
        y: Math.min(height - 20, cy + wall + 36),
        anchor: 'middle',
        figure: shown.deep.figure,
        after: 'deep',
        says: `Depth ${joined(shown.deep)}`,
      },
      feedMark(input, width - 6, height - 34, 'right'),
    ],
  };
}

export const centreDrill: OperationSketch<CentreDrill> = { draw };
