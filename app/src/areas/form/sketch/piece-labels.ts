import { directionOn, pieceLength, piecesOf, pointOn, type Piece, type Profile } from '@pike-stone/core/form';
import { apart } from '../../../kit/drawing/apart';
import type { Placing } from './profile-path';

/** A line or arc shorter than this on paper has no size written beside it, px. */
const LEAST_PX = 44;
/** Sizes that are written at the most: those of the longest lines and arcs. */
const MOST = 8;
/** From the line to the middle of its words, px. */
const AWAY_PX = 22;
/** Type size of the words, and how wide a letter is beside that. */
export const LABEL_PX = 13;
const LETTER = 0.62;

export interface PieceLabel {
  readonly text: string;
  /** Middle of the words, px. */
  readonly x: number;
  readonly y: number;
}

/** Sizes of the lines and arcs whose middle is in view, written on the side of the work, none over another. */
export function pieceLabels(
  profile: Profile,
  placed: Placing,
  paper: { readonly width: number; readonly height: number; readonly top: number },
  say: (piece: Piece) => string,
): readonly PieceLabel[] {
  const inView = piecesOf(profile)
    .map((piece) => {
      const [x, y] = placed.at(pointOn(piece, 0.5));
      return { piece, x, y, long: pieceLength(piece) * placed.pxPerMm };
    })
    .filter(
      ({ x, y, long }) => long >= LEAST_PX && x > 0 && x < paper.width && y > paper.top && y < paper.height,
    )
    .sort((a, b) => b.long - a.long)
    .slice(0, MOST);
  const areas = inView.map(({ piece, x, y }) => {
    const [dx, dy] = directionOn(piece, 0.5);
    const width = say(piece).length * LETTER * LABEL_PX;
    // The work lies right of travel; y runs down on paper.
    const [middleX, middleY] = [x + dy * (AWAY_PX + width / 2), y + dx * AWAY_PX];
    return { left: middleX - width / 2, top: middleY - LABEL_PX / 2, width, height: LABEL_PX };
  });
  return apart(areas, paper).map(({ left, top, width, height }, i) => ({
    text: say(inView[i]!.piece),
    x: left + width / 2,
    y: top + height,
  }));
}
