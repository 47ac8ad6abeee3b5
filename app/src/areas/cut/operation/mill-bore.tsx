import { Axis } from '../sketch/Axis';
import type { BoringBar } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { formatLength, joined } from '@pike-stone/words';
import { G, Path, Rect } from 'react-native-svg';
import { DimensionLine } from '../../../kit/drawing/dimensions';
import { hatch, type Drawing, type SketchInput } from '../sketch/drawing';
import { feedMark } from '../sketch/feed-mark';

/** The boring head: its bar in the bore, in section, edge at the left wall. */
function draw(input: SketchInput<BoringBar>): Drawing {
  const { setup, plan, units, width, height, pen } = input;
  const d = setup.workDiameterMm;
  const scale = Math.min((width * 0.36) / d, (height - 150) / Math.max(d * 0.5, 4), 9);
  const R = (d / 2) * scale;
  const cx = width * 0.38;
  const surface = 116;
  const low = height - 44;
  const at = Math.min(low - 20, surface + (low - surface) * 0.55);
  const depth = Math.max(3, Math.min(plan.depth.mm * scale, R * 0.4));
  const bar = Math.max(5, Math.min(((setup.tool.barMm ?? d / 2) / 2) * scale, R * 0.7));
  const barX = cx - R + bar + Math.max(4, R * 0.12);
  const wall = 34;
  const shown = {
    d: formatLength(d, units),
    ap: formatLength(plan.depth.mm, units),
    out: formatLength(setup.stickOutMm, units),
  };
  const art = (
    <G>
      <Path
        d={`${hatch(cx - R - wall, surface, wall, low - surface)}${hatch(cx + R, surface, wall, low - surface)}`}
        stroke={pen.line}
        strokeWidth={1}
      />
      <Path
        d={`M${cx - R - wall} ${surface}H${cx - R}V${at}H${cx - R + depth}V${low}M${cx + R + wall} ${surface}H${cx + R}V${at}H${cx + R - depth}V${low}M${cx - R - wall} ${surface}V${low}H${cx - R + depth}M${cx + R + wall} ${surface}V${low}H${cx + R - depth}`}
        fill="none"
        stroke={pen.ink}
        strokeWidth={2}
      />
      <Path d={`M${cx - 40} -2V34H${cx + 40}V-2`} fill={pen.sheet} stroke={pen.ink} strokeWidth={1.6} />
      <Path
        d={`M${cx - 52} 34H${cx + 52}V58H${cx - 52}Z`}
        fill={pen.sheet}
        stroke={pen.ink}
        strokeWidth={1.6}
      />
      <Rect
        x={barX - bar}
        y={58}
        width={2 * bar}
        height={at - 58 + 6}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.6}
      />
      <Path
        d={`M${cx - R} ${at}L${barX - bar * 0.2} ${at - 4}V${at - 22}H${barX - bar}L${cx - R + 2} ${at - 10}Z`}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.6}
      />
      <Axis x={cx} from={4} to={height - 6} pen={pen} />
      <Path
        d={`M${cx - R} ${low + 3}V${low + 26}M${cx + R} ${low + 3}V${low + 26}`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={cx - R} y1={low + 20} x2={cx + R} y2={low + 20} pen={pen} />
      <Path d={`M56 ${surface - 12}L${cx - R + depth / 2} ${at + 8}`} stroke={pen.accent} strokeWidth={0.8} />
      <Path
        d={`M${cx + R + wall + 4} 58h30M${cx + R + wall + 4} ${at}h30`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={cx + R + wall + 26} y1={58} x2={cx + R + wall + 26} y2={at} pen={pen} />
    </G>
  );
  return {
    art,
    says: `Boring ⌀${joined(shown.d)} with the boring head, ${joined(shown.ap)} deep, bar ${joined(shown.out)} out`,
    marks: [
      {
        key: 'diameter',
        x: cx + R + 10,
        y: low + 20,
        anchor: 'left',
        figure: `⌀${shown.d.figure}`,
        after: units === 'inch' ? 'in' : '',
        says: `Bore ${joined(shown.d)}`,
      },
      {
        key: 'depth',
        x: 6,
        y: surface - 26,
        anchor: 'left',
        figure: shown.ap.figure,
        after: 'deep',
        says: `Depth on the radius ${joined(shown.ap)}`,
      },
      {
        key: 'stickOut',
        x: Math.min(width - 104, cx + R + wall + 32),
        y: (58 + at) / 2,
        anchor: 'left',
        figure: shown.out.figure,
        after: 'out',
        says: `Bar out of the head ${joined(shown.out)}`,
      },
      feedMark(input, width - 8, 26, 'right'),
    ],
  };
}

export const millBore: OperationSketch<BoringBar> = { draw };
