import {
  boundsOf,
  insideCorners,
  sampled,
  smallestHollow,
  type Bounds,
  type FormShape,
  type PlanePoint,
  type Profile,
} from '@pike-stone/core/form';
import { formatLength, joined, type UnitSystem } from '@pike-stone/words';
import { sayPieceSize } from '@pike-stone/words/form';
import { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { DimensionLine, type DimensionMark, type Pen } from '../../../kit/drawing/dimensions';
import { QuietText } from '../../../kit/drawing/QuietText';
import { SvgText } from '../../../kit/drawing/SvgText';
import type { TouchDrawing } from '../../../kit/drawing/TouchPaper';
import { SCREEN_PX_PER_MM } from '../../../kit/drawing/screen-scale';
import { FONT } from '../../../theme/type';
import { LABEL_PX, pieceLabels } from './piece-labels';
import { fitted, placing, profilePath, type Placing } from './profile-path';

export type FormMark = 'depth' | 'width' | 'hollow';

/** What part of the form is looked at, and how large. */
export interface Look {
  /** Times larger than the whole form fits the paper. */
  readonly zoom: number;
  /** Moved on paper, px. */
  readonly dx: number;
  readonly dy: number;
}

export const WHOLE: Look = { zoom: 1, dx: 0, dy: 0 };

interface Paper {
  readonly pen: Pen;
  readonly units: UnitSystem;
  readonly width: number;
  readonly height: number;
  readonly look: Look;
}

const SIDE_PX = 58;
const TOP_PX = 46;
const FOOT_PX = 50;
/** Band along the top for what is said of the whole form, px. */
const BAND_PX = 26;
/** Chord error with which the middle of an outline is found, as a share of the depth. */
const CHORD_SHARE = 0.01;

/** Place of a form's outline that is nearest to x. */
const outlineNear = (profile: Profile, x: number, chordErrorMm: number): PlanePoint =>
  sampled(profile, chordErrorMm).reduce((best, one) =>
    Math.abs(one[0] - x) < Math.abs(best[0] - x) ? one : best,
  );

/** Where the form lies on the paper, and how many times larger than it is. */
export function formPlacing(
  profile: Profile,
  { width, height, look }: Omit<Paper, 'pen' | 'units'>,
): Placing & { readonly times: number } {
  const { left, right, low, high } = boundsOf(profile);
  const whole = fitted(
    { left, right, low, high },
    { width, height, side: SIDE_PX, top: TOP_PX, foot: FOOT_PX },
  );
  const pxPerMm = whole.pxPerMm * look.zoom;
  // Grown from the middle of its outline, which stays where it is: the edge is in view at any magnification.
  const middle = outlineNear(profile, (left + right) / 2, CHORD_SHARE * (high - low));
  const [x, y] = whole.at(middle);
  return { ...placing(pxPerMm, middle, [x + look.dx, y + look.dy]), times: pxPerMm / SCREEN_PX_PER_MM };
}

/** Short strokes that show on which side the metal of the tool lies. */
function hatch(placed: Placing, bounds: Bounds, toolTop: number): string {
  const step = 9;
  const [x0] = placed.at([bounds.left, bounds.high]);
  const [x1] = placed.at([bounds.right, bounds.high]);
  const count = Math.min(400, Math.floor((x1 - x0) / step));
  return Array.from({ length: count + 1 }, (_, i) => `M${(x0 + i * step).toFixed(1)} ${toolTop}l-7 -8`).join(
    '',
  );
}

/** The form in section: tool above, work below, its depth and width to touch; what was measured beside it. */
export function drawForm(
  shape: FormShape,
  toolProfile: Profile | null,
  paper: Paper,
): TouchDrawing<FormMark> {
  const { pen, units, width, height } = paper;
  const placed = formPlacing(shape.profile, paper);
  const bounds = boundsOf(shape.profile);
  const path = profilePath(shape.profile, placed);
  const [, surfaceY] = placed.at([0, shape.depthMm]);
  const [, tipY] = placed.at([0, 0]);
  const toolTop = placed.at([0, bounds.high])[1] - 14;
  const [leftX] = placed.at([bounds.left, 0]);
  const [rightX] = placed.at([bounds.right, 0]);
  const size = (mm: number): string => joined(formatLength(mm, units));
  const depth = formatLength(shape.depthMm, units);
  const across = formatLength(bounds.right - bounds.left, units);
  const hollow = smallestHollow(shape.profile);
  const dimX = Math.max(24, leftX - 26);
  const dimY = Math.min(height - 26, tipY + 30);
  const marks: DimensionMark<FormMark>[] = [
    {
      key: 'depth',
      x: Math.max(dimX + 6, 26),
      y: (surfaceY + tipY) / 2,
      anchor: 'left',
      figure: depth.figure,
      after: depth.unit,
      says: `Whole depth ${joined(depth)}`,
    },
    {
      key: 'width',
      x: width / 2,
      y: dimY,
      anchor: 'middle',
      figure: across.figure,
      after: across.unit,
      says: `Width ${joined(across)}`,
    },
  ];
  return {
    says: `The form in section, ${size(shape.depthMm)} deep and ${size(bounds.right - bounds.left)} wide, drawn ${placed.times.toFixed(placed.times < 10 ? 1 : 0)} times its size`,
    marks: paper.look.zoom === 1 ? marks : [],
    art: (
      <G>
        <Path
          d={`${path}L${rightX.toFixed(1)} ${toolTop}L${leftX.toFixed(1)} ${toolTop}Z`}
          fill={pen.wash}
          stroke="none"
        />
        <Path d={hatch(placed, bounds, toolTop)} stroke={pen.line} strokeWidth={1} />
        <Line
          x1={8}
          x2={width - 8}
          y1={surfaceY}
          y2={surfaceY}
          stroke={pen.quiet}
          strokeWidth={1}
          strokeDasharray="10 4 2 4"
        />
        {toolProfile && (
          <Path
            d={profilePath(toolProfile, placed)}
            fill="none"
            stroke={pen.quiet}
            strokeWidth={1.2}
            strokeDasharray="4 3"
          />
        )}
        <Path d={path} fill="none" stroke={pen.ink} strokeWidth={2.2} />
        {shape.points.slice(0, 600).map(([x, y], i) => {
          const [cx, cy] = placed.at([x, y]);
          return <Circle key={i} cx={cx} cy={cy} r={2} fill={pen.accent} />;
        })}
        {shape.clock === null
          && insideCorners(shape.profile).map((corner, i) => {
            const [cx, cy] = placed.at(corner);
            return (
              <Circle
                key={`corner${i}`}
                cx={cx}
                cy={cy}
                r={6}
                fill="none"
                stroke={pen.accent}
                strokeWidth={1.4}
              />
            );
          })}
        {paper.look.zoom > 1
          && pieceLabels(shape.profile, placed, { ...paper, top: BAND_PX }, (piece) =>
            sayPieceSize(piece, units),
          ).map(({ text, x, y }, i) => (
            <SvgText
              key={`size${i}`}
              x={x}
              y={y}
              textAnchor="middle"
              fontFamily={FONT.figures}
              fontSize={LABEL_PX}
              fill={pen.accent}
            >
              {text}
            </SvgText>
          ))}
        {paper.look.zoom === 1 && (
          <>
            <DimensionLine x1={dimX} y1={surfaceY} x2={dimX} y2={tipY} pen={pen} />
            <Line x1={dimX - 6} x2={leftX} y1={tipY} y2={tipY} stroke={pen.accent} strokeWidth={0.7} />
            <DimensionLine x1={leftX} y1={dimY - 20} x2={rightX} y2={dimY - 20} pen={pen} />
          </>
        )}
        {paper.look.zoom > 1 && <Rect width={width} height={BAND_PX} fill={pen.sheet} fillOpacity={0.9} />}
        <QuietText x={width - 10} y={surfaceY + 17} anchor="end">
          work
        </QuietText>
        <QuietText x={10} y={18}>
          {`tool, ${placed.times.toFixed(placed.times < 10 ? 1 : 0)} times its size`}
        </QuietText>
        {Number.isFinite(hollow) && (
          <QuietText x={width - 10} y={18} anchor="end">
            {`tightest hollow R ${size(hollow)}`}
          </QuietText>
        )}
      </G>
    ),
  };
}
