import type { EndMill } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { rampDeg } from '@pike-stone/core';
import { formatLength, joined } from '@pike-stone/words';
import { G, Path, Rect } from 'react-native-svg';
import { arrowHead, DimensionLine } from '../../../kit/drawing/dimensions';
import { hatch, type Drawing, type SketchInput } from '../sketch/drawing';
import { feedMark } from '../sketch/feed-mark';
import { NOSE_ROOM, type Hanging, Collet } from '../sketch/hanging';
import { SideNote } from '../sketch/SideNote';

/** Ramping, seen from the side: the floor slopes from the surface down to the depth. */
function draw(input: SketchInput<EndMill>): Drawing {
  const { setup, plan, units, width, height, pen } = input;
  const d = setup.tool.diameterMm;
  const angle = rampDeg(setup);
  const run = plan.depth.mm / Math.tan((angle * Math.PI) / 180);
  const scale = Math.min((height - 120) / Math.max(plan.depth.mm * 2.5, 4), (width * 0.52) / (run + d), 8);
  const [R, deep] = [(d / 2) * scale, Math.min(plan.depth.mm * scale, height - 150)];
  const tip = height - 62;
  const surface = tip - deep;
  const [x2, slope] = [Math.max(60 + 2 * R, width * 0.64), Math.min(run * scale, width * 0.64 - 40 - R)];
  const x0 = Math.max(20, x2 - slope - R);
  const cx = x2 - R;
  const shown = {
    d: formatLength(d, units),
    ap: formatLength(plan.depth.mm, units),
    run: formatLength(Math.round(run), units),
  };
  const at: Hanging = { scale, R, cx, tip, surface, nose: NOSE_ROOM };
  const art = (
    <G>
      <Path d={hatch(8, tip, width * 0.76, Math.max(4, height - tip))} stroke={pen.line} strokeWidth={1} />
      <Path
        d={`M8 ${height + 4}V${surface}H${x0}L${cx - R} ${tip}H${x2}V${surface}H${width * 0.78}V${height + 4}`}
        fill="none"
        stroke={pen.ink}
        strokeWidth={2}
      />
      <Collet at={at} shank={R} pen={pen} />
      <Rect
        x={cx - R}
        y={NOSE_ROOM}
        width={2 * R}
        height={tip - NOSE_ROOM}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.7}
      />
      <Path
        d={`M${Math.max(x0, cx - R - 70)} ${surface - 26}l44 ${Math.min(18, 44 * Math.tan((angle * Math.PI) / 180) + 4)}${arrowHead(Math.max(x0, cx - R - 70) + 44, surface - 26 + Math.min(18, 44 * Math.tan((angle * Math.PI) / 180) + 4), 0.95, 0.3)}`}
        stroke={pen.accent}
        strokeWidth={1.4}
        fill="none"
      />
      <Path
        d={`M${x2 + 4} ${tip}H${width * 0.78 + 20}M${width * 0.78 + 2} ${surface}h18`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={width * 0.78 + 12} y1={surface} x2={width * 0.78 + 12} y2={tip} pen={pen} />
      <SideNote
        x={10}
        y={height - 10}
        anchor="start"
        pen={pen}
      >{`${joined(shown.run)} to get down`}</SideNote>
    </G>
  );
  return {
    art,
    says: `Ramping down ${joined(shown.ap)} at ${Number(angle.toFixed(1))}°, over ${joined(shown.run)}`,
    marks: [
      {
        key: 'diameter',
        x: Math.min(cx, width - 150),
        y: tip + 24,
        anchor: 'middle',
        figure: `⌀${shown.d.figure}`,
        after: units === 'inch' ? 'in' : '',
        says: `Cutter diameter ${joined(shown.d)}`,
      },
      {
        key: 'depth',
        x: width - 6,
        y: tip + 24,
        anchor: 'right',
        figure: shown.ap.figure,
        after: 'deep',
        says: `Depth ${joined(shown.ap)}`,
      },
      {
        key: 'angle',
        x: 34,
        y: Math.max(26, surface - 32),
        anchor: 'middle',
        figure: `${Number(angle.toFixed(1))}°`,
        after: '',
        says: `Slope ${Number(angle.toFixed(1))} degrees`,
      },
      feedMark(input, width - 6, 30, 'right'),
    ],
  };
}

export const ramp: OperationSketch<EndMill> = { draw };
