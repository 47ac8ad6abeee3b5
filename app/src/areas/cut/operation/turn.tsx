import { Axis } from '../sketch/Axis';
import type { TurningTool } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { formatLength, joined } from '@pike-stone/words';
import { G, Line, Path, Rect } from 'react-native-svg';
import { arrowHead, DimensionLine } from '../../../kit/drawing/dimensions';
import { SpindleCentre } from '../sketch/SpindleCentre';
import { breakLine, toolOutline, type Drawing, type SketchInput } from '../sketch/drawing';
import { feedMark } from '../sketch/feed-mark';
import { JAW, jawLength, TOP, Jaws } from '../sketch/chuck';
import { FeedArrow } from '../sketch/FeedArrow';
import { SideNote } from '../sketch/SideNote';

/** Room for the diameter at the right. */
const RIGHT = 104;

/** Tailstock centre, and what the feed figure needs left of the tool. */
const CENTRE = 26;

const FEED_ROOM = 144;

/** Turning outside, seen from above: chuck, bar, tool, all to one scale; a long bar is broken. */
function draw(input: SketchInput<TurningTool>): Drawing {
  const { setup, plan, units, width, height, pen } = input;
  const d = plan.diameterMm;
  const scale = Math.min((height - 130) / d, 9);
  const half = (d / 2) * scale;
  const depth = Math.min(plan.depth.mm, d / 2) * scale;
  const cy = TOP + half + 2;
  const centre = setup.support !== 'chuck';
  const dogged = setup.support === 'between-centres';
  const free = width - RIGHT - (centre ? CENTRE : 0);
  const bar = setup.stickOutMm * scale;
  const broken = bar > free - JAW;
  const length = Math.max(Math.min(bar, free - JAW), 34);
  const jaw = jawLength(free - length);
  const x1 = jaw + length;
  const tipX = Math.max(FEED_ROOM, jaw + length * (broken ? 0.56 : 0.5));
  const finished = cy + half - depth;
  const shown = {
    d: formatLength(d, units),
    ap: formatLength(plan.depth.mm, units),
    out: formatLength(setup.stickOutMm, units),
  };
  const chamfer = Math.min(4, depth + 2, half / 3);
  const dimX = x1 + (centre ? CENTRE : 0) + 44;
  const depthX = Math.min(tipX + 74, x1 + 22);
  const lean = setup.tool.approachDeg < 89 ? depth / Math.tan((setup.tool.approachDeg * Math.PI) / 180) : 0;
  const art = (
    <G>
      {dogged && <SpindleCentre x={jaw} cy={cy} half={half} pen={pen} />}
      {!dogged && <Jaws reach={jaw} tall={26} cy={cy} half={half} pen={pen} />}
      <Path
        stroke={pen.ink}
        strokeWidth={2}
        fill={pen.sheet}
        d={`M${dogged ? jaw : -2} ${cy - half}H${tipX - lean}L${tipX} ${cy - half + depth}H${x1 - chamfer}L${x1} ${cy - half + depth + chamfer}V${finished - chamfer}L${x1 - chamfer} ${finished}H${tipX}L${tipX - lean} ${cy + half}H${dogged ? `${jaw}Z` : -2}`}
      />
      <Path
        d={`M${tipX} ${cy - half}H${x1}V${cy - half + depth}M${tipX} ${cy + half}H${x1}V${finished}`}
        stroke={pen.quiet}
        strokeWidth={1.1}
        strokeDasharray="6 4"
        fill="none"
      />
      {broken && (
        <G>
          <Rect x={jaw + 18} y={cy - half - 3} width={9} height={2 * half + 6} fill={pen.sheet} />
          <Path
            d={`${breakLine(jaw + 18, cy - half, cy + half)}${breakLine(jaw + 27, cy - half, cy + half)}`}
            stroke={pen.ink}
            strokeWidth={1.3}
            fill="none"
          />
        </G>
      )}
      {centre && (
        <Path
          d={`M${x1} ${cy}L${x1 + 22} ${cy - 13}H${x1 + 36}V${cy + 13}H${x1 + 22}Z`}
          fill={pen.wash}
          stroke={pen.ink}
          strokeWidth={1.4}
        />
      )}
      <Axis y={cy} from={4} to={x1 + 12} pen={pen} />
      <Path
        d={toolOutline({
          tipX,
          tipY: finished,
          noseR: setup.tool.noseRadiusMm * scale,
          approachDeg: setup.tool.approachDeg,
          cornerDeg: setup.tool.cornerDeg,
          edge: 44 + depth,
          shank: 50,
          length: height - finished + 4,
        })}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.8}
        strokeLinejoin="round"
      />
      <Line x1={x1 + 4} x2={dimX + 8} y1={cy - half} y2={cy - half} stroke={pen.accent} strokeWidth={0.8} />
      <Line x1={x1 + 4} x2={dimX + 8} y1={cy + half} y2={cy + half} stroke={pen.accent} strokeWidth={0.8} />
      <DimensionLine x1={dimX} y1={cy - half} x2={dimX} y2={cy + half} pen={pen} />
      <Line
        x1={depthX - 4}
        x2={depthX + 8}
        y1={cy + half}
        y2={cy + half}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <Path
        d={`M${depthX} ${finished - 20}V${finished}${arrowHead(depthX, finished, 0, 1)}M${depthX} ${cy + half + 22}V${cy + half}${arrowHead(depthX, cy + half, 0, -1)}`}
        stroke={pen.accent}
        strokeWidth={1.2}
        fill="none"
      />
      <FeedArrow from={[tipX - 20, height - 14]} to={[tipX - 80, height - 14]} pen={pen} />
      <Path
        d={`M${jaw} ${cy - half - 4}V26M${x1} ${cy - half + depth - 4}V26`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={jaw} y1={30} x2={x1} y2={30} pen={pen} />
      {plan.depth.afterDiameterMm !== null && (
        <SideNote
          x={width - 12}
          y={height - 12}
          size={14}
          pen={pen}
        >{`⌀${joined(formatLength(plan.depth.afterDiameterMm, units))} after`}</SideNote>
      )}
    </G>
  );
  return {
    art,
    says: `Turning ⌀${joined(shown.d)}, ${joined(shown.ap)} deep, ${joined(shown.out)} out of the chuck`,
    marks: [
      {
        key: 'diameter',
        x: Math.min(dimX, width - 50),
        y: centre ? cy + 38 : cy,
        anchor: 'middle',
        figure: `⌀${shown.d.figure}`,
        after: units === 'inch' ? 'in' : '',
        says: `Diameter ${joined(shown.d)}`,
      },
      {
        key: 'depth',
        x: Math.max(depthX + 6, tipX + 54),
        y: cy + half + 24,
        anchor: 'left',
        figure: shown.ap.figure,
        after: 'deep',
        says: `Depth ${joined(shown.ap)}`,
      },
      {
        key: 'stickOut',
        x: (jaw + x1) / 2,
        y: 20,
        anchor: 'middle',
        figure: shown.out.figure,
        after: dogged ? 'between' : 'out',
        says: `${dogged ? 'Between the centres' : 'Out of the chuck'} ${joined(shown.out)}`,
      },
      feedMark(input, tipX - 14, height - 34, 'right'),
    ],
  };
}

export const turn: OperationSketch<TurningTool> = { draw };
