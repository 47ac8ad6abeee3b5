import { Jaws } from './chuck';
import { Axis } from './Axis';
import { formatLength, joined } from '@pike-stone/words';
import type { ReactNode } from 'react';
import { G, Path, Rect } from 'react-native-svg';
import { DimensionLine } from '../../../kit/drawing/dimensions';
import type { CutMark } from './cut-mark';
import { breakLine, type SketchInput } from './drawing';
import { SpindleCentre } from './SpindleCentre';

/** A bar in the chuck as it lies on the paper. */
export interface Piece {
  readonly scale: number;
  readonly half: number;
  readonly cy: number;
  readonly jaw: number;
  readonly end: number;
  readonly broken: boolean;
}

const JAW = 30;
const LONGEST_JAW = 96;
const RIGHT = 96;
const CENTRE = 28;
const TOP = 48;
/** Least drawn length of a bar, so that its dimensions have room, px. */
const SHORTEST = 132;

const onCentre = ({ setup }: SketchInput): boolean => setup.support !== 'chuck';
/** Held between centres, with a dog, instead of in a chuck. */
const dogged = ({ setup }: SketchInput): boolean => setup.support === 'between-centres';

/** Places the bar on the paper: to scale, and broken when it is longer than the paper. */
export function pieceOf(input: SketchInput): Piece {
  const { setup, width, height } = input;
  const scale = Math.min((height - 136) / setup.workDiameterMm, 9);
  const half = (setup.workDiameterMm / 2) * scale;
  const free = width - RIGHT - JAW - (onCentre(input) ? CENTRE : 0);
  const bar = setup.stickOutMm * scale;
  const length = Math.max(Math.min(bar, free), Math.min(SHORTEST, free));
  const jaw = Math.max(JAW, Math.min(LONGEST_JAW, free + JAW - length));
  return { scale, half, cy: TOP + half, jaw, end: jaw + length, broken: bar > free };
}

/** A length along the bar from its free end, px: to scale, but not longer than the shown part. */
export const along = ({ scale, jaw, end }: Piece, mm: number): number =>
  Math.max(16, Math.min(mm * scale, (end - jaw) * 0.72));

/** Draws chuck, bar and axis, with the dimensions of diameter and stick-out. */
export function PieceArt({
  input,
  piece,
  outline,
  ghost = '',
  children,
}: {
  input: SketchInput;
  piece: Piece;
  outline: readonly (readonly [x: number, radius: number])[];
  ghost?: string;
  children?: ReactNode;
}) {
  const { pen } = input;
  const { cy, half, jaw, end } = piece;
  const upper = outline.map(([x, r]) => `L${x} ${cy - r}`).join('');
  const lower = [...outline]
    .reverse()
    .map(([x, r]) => `L${x} ${cy + r}`)
    .join('');
  const dimX = end + (onCentre(input) ? CENTRE : 0) + 40;
  return (
    <G>
      {dogged(input) && <SpindleCentre x={jaw} cy={cy} half={half} pen={pen} />}
      {!dogged(input) && <Jaws reach={jaw} tall={24} cy={cy} half={half} pen={pen} />}
      <Path
        d={
          dogged(input)
            ? `M${jaw} ${cy - half}${upper}${lower}L${jaw} ${cy + half}Z`
            : `M-2 ${cy - half}${upper}${lower}L-2 ${cy + half}`
        }
        fill={pen.sheet}
        stroke={pen.ink}
        strokeWidth={2}
        strokeLinejoin="round"
      />
      {ghost !== '' && (
        <Path d={ghost} stroke={pen.quiet} strokeWidth={1.1} strokeDasharray="6 4" fill="none" />
      )}
      {piece.broken && (
        <G>
          <Rect x={jaw + 10} y={cy - half - 3} width={9} height={2 * half + 6} fill={pen.sheet} />
          <Path
            d={`${breakLine(jaw + 10, cy - half, cy + half)}${breakLine(jaw + 19, cy - half, cy + half)}`}
            stroke={pen.ink}
            strokeWidth={1.3}
            fill="none"
          />
        </G>
      )}
      {onCentre(input) && (
        <Path
          d={`M${end} ${cy}L${end + 22} ${cy - 13}H${end + 36}V${cy + 13}H${end + 22}Z`}
          fill={pen.wash}
          stroke={pen.ink}
          strokeWidth={1.4}
        />
      )}
      {children}
      <Axis y={cy} from={4} to={end + 12} pen={pen} />
      <Path
        d={`M${end + 4} ${cy - half}H${dimX + 8}M${end + 4} ${cy + half}H${dimX + 8}`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={dimX} y1={cy - half} x2={dimX} y2={cy + half} pen={pen} />
      <Path
        d={`M${jaw} ${cy - half - 4}V24M${end} ${cy - half - 4}V24`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={jaw} y1={28} x2={end} y2={28} pen={pen} />
    </G>
  );
}

/** Diameter at the free end, stick-out above. */
export function pieceMarks(input: SketchInput, piece: Piece, after = 'out'): CutMark[] {
  const { setup, units, width } = input;
  const d = formatLength(setup.workDiameterMm, units);
  const out = formatLength(setup.stickOutMm, units);
  const dimX = piece.end + (onCentre(input) ? CENTRE : 0) + 40;
  return [
    {
      key: 'diameter',
      x: Math.min(dimX, width - 48),
      y: onCentre(input) ? piece.cy + 38 : piece.cy,
      anchor: 'middle',
      figure: `⌀${d.figure}`,
      after: units === 'inch' ? 'in' : '',
      says: `Diameter ${joined(d)}`,
    },
    {
      key: 'stickOut',
      x: (piece.jaw + piece.end) / 2,
      y: 18,
      anchor: 'middle',
      figure: out.figure,
      after: dogged(input) ? 'between' : after,
      says: `${dogged(input) ? 'Between the centres' : 'Out of the chuck'} ${joined(out)}`,
    },
  ];
}
