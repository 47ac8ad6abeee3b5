import { Jaws } from '../sketch/chuck';
import { Axis } from '../sketch/Axis';
import type { PartingBlade } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { bladeWidthMm } from '@pike-stone/core';
import { formatLength, joined } from '@pike-stone/words';
import { G, Path } from 'react-native-svg';
import { DimensionLine } from '../../../kit/drawing/dimensions';
import { type Drawing, type SketchInput } from '../sketch/drawing';
import { feedMark } from '../sketch/feed-mark';
import { FeedArrow } from '../sketch/FeedArrow';
import { SideNote } from '../sketch/SideNote';

const JAW = 112;

/** Parting off, seen from above: the blade goes in square to the axis, close to the jaws. */
function draw(input: SketchInput<PartingBlade>): Drawing {
  const { setup, plan, units, width, height, pen } = input;
  const d = plan.diameterMm;
  const scale = Math.min((height - 124) / d, 9);
  const half = (d / 2) * scale;
  const cy = 52 + half;
  const blade = Math.max(3, bladeWidthMm(setup) * scale);
  const out = Math.max(16, Math.min(setup.stickOutMm * scale, width * 0.3));
  const x = JAW + out;
  const end = Math.min(x + blade + 90, width - 96);
  const reached = cy + half * 0.3;
  const shown = {
    d: formatLength(d, units),
    out: formatLength(setup.stickOutMm, units),
    blade: formatLength(bladeWidthMm(setup), units),
  };
  const art = (
    <G>
      <Jaws reach={JAW} tall={26} cy={cy} half={half} pen={pen} />
      <Path
        d={`M-2 ${cy - half}H${end}V${cy + half}H${x + blade}V${reached}H${x}V${cy + half}H-2`}
        fill={pen.sheet}
        stroke={pen.ink}
        strokeWidth={2}
      />
      <Path
        d={`M${x} ${cy - half}V${reached}M${x + blade} ${cy - half}V${reached}`}
        stroke={pen.quiet}
        strokeWidth={1}
        strokeDasharray="6 4"
      />
      <Axis y={cy} from={4} to={end + 14} pen={pen} />
      <Path
        d={`M${x} ${reached}H${x + blade}L${x + blade - Math.min(1.5, blade * 0.12)} ${height + 4}H${x + Math.min(1.5, blade * 0.12)}Z`}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.6}
      />
      <Path
        d={`M${end + 4} ${cy - half}H${end + 34}M${end + 4} ${cy + half}H${end + 34}`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={end + 26} y1={cy - half} x2={end + 26} y2={cy + half} pen={pen} />
      <Path
        d={`M${JAW} ${cy - half - 4}V26M${x} ${cy - half - 4}V26`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={JAW} y1={30} x2={x} y2={30} pen={pen} />
      <FeedArrow from={[x - 20, height - 14]} to={[x - 20, cy + half + 8]} pen={pen} />
      <SideNote
        x={x + blade + 10}
        y={height - 12}
        size={14}
        anchor="start"
        pen={pen}
      >{`blade ${joined(shown.blade)}`}</SideNote>
    </G>
  );
  return {
    art,
    says: `Parting off ⌀${joined(shown.d)} with a blade of ${joined(shown.blade)}, ${joined(shown.out)} from the chuck`,
    marks: [
      {
        key: 'diameter',
        x: Math.min(end + 26, width - 50),
        y: cy,
        anchor: 'middle',
        figure: `⌀${shown.d.figure}`,
        after: units === 'inch' ? 'in' : '',
        says: `Diameter ${joined(shown.d)}`,
      },
      {
        key: 'stickOut',
        x: (JAW + x) / 2,
        y: 18,
        anchor: 'middle',
        figure: shown.out.figure,
        after: 'from chuck',
        says: `From the chuck ${joined(shown.out)}`,
      },
      feedMark(input, 4, height - 20, 'left'),
    ],
  };
}

export const part: OperationSketch<PartingBlade> = { draw };
