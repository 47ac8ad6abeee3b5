import { STEEL_EXPANSION, WRING_FILM_UM, gaugeStack, stackError } from '@pike-stone/core/setting';
import { convert, unlessRefused } from '@pike-stone/core';
import { sayAchieved, sayJoints, sayStack, sayStackDoubt } from '@pike-stone/words/form';
import { useMemo } from 'react';
import { View } from 'react-native';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { StackPicture } from './StackPicture';
import { inUnit, mostOf, NEAREST_MM } from './stack-wish';
import type { PiecesInUse } from './use-set';

interface StackAnswerProps {
  readonly pieces: PiecesInUse;
  readonly targetMm: number;
  /** How near it must come. */
  readonly toleranceMm?: number;
  /** Of one of the pair, in the unit of the set. */
  readonly wearPiece: number | null;
}

/** The stack for a length: drawn, said, and how far it is off. */
export function StackAnswer({
  pieces: inUse,
  targetMm,
  toleranceMm = NEAREST_MM,
  wearPiece,
}: StackAnswerProps) {
  const { unit, kind, steps } = inUse;
  const perUnit = convert(1, unit, 'mm');
  const mostPieces = mostOf(inUse);
  const answer = useMemo(
    () =>
      unlessRefused(
        () =>
          gaugeStack({
            unit,
            pieces: steps,
            target: inUnit(targetMm, unit),
            tolerance: toleranceMm / perUnit,
            wearPiece,
            mostPieces,
          }),
        null,
      ),
    [unit, steps, targetMm, perUnit, toleranceMm, wearPiece, mostPieces],
  );
  if (!answer) return <Words role="fault">No stack can be made for that.</Words>;
  const pieces = answer.feasible ? answer.pieces : [];
  const doubt =
    answer.feasible && kind === 'blocks'
      ? unlessRefused(
          () =>
            stackError(
              pieces.map((piece) => piece * perUnit),
              '1',
              WRING_FILM_UM,
              20,
              STEEL_EXPANSION,
            ),
          null,
        )
      : null;
  return (
    <View style={styles.box} testID="stack-answer">
      {answer.feasible && <StackPicture pieces={pieces} unit={unit} wearPiece={wearPiece} />}
      <Words role={answer.feasible ? 'big' : 'strong'}>{sayStack(answer, unit, wearPiece)}</Words>
      {answer.feasible && (
        <>
          <Words>{`${sayAchieved(answer, unit)} ${sayJoints(answer.count, kind)}`}</Words>
          {doubt && <Words role="note">{sayStackDoubt(doubt, unit)}</Words>}
        </>
      )}
    </View>
  );
}

const styles = sheet({ box: { gap: SPACE.close } });
