import { gaugeStackPair, raisedRolls, type PairAnswer } from '@pike-stone/core/setting';
import { convert, unlessRefused } from '@pike-stone/core';
import { sayApart, sayPieces } from '@pike-stone/words/form';
import { useMemo } from 'react';
import { View } from 'react-native';
import { Caution } from '../../kit/Caution';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { StackAnswer } from './StackAnswer';
import { StackPicture } from './StackPicture';
import { inUnit, mostOf, NEAREST_MM } from './stack-wish';
import type { PiecesInUse } from './use-set';

const NONE: PairAnswer = { feasible: false };

/** One of two stacks that stand at the same time. */
export interface OneOfTwo {
  readonly title: string;
  readonly stackMm: number;
}

/** The stacks of both plates of a compound plate, made from one set at once. */
export function TwoStacks({ inUse, two }: { inUse: PiecesInUse; two: readonly [OneOfTwo, OneOfTwo] }) {
  const { unit, steps } = inUse;
  const [a, b] = [two[0].stackMm, two[1].stackMm];
  const areBoth = a > 0 && b > 0;
  const pair = useMemo(
    () =>
      areBoth
        ? unlessRefused(
            () =>
              gaugeStackPair(
                unit,
                steps,
                [inUnit(a, unit), inUnit(b, unit)],
                NEAREST_MM / convert(1, unit, 'mm'),
                mostOf(inUse),
              ),
            NONE,
          )
        : NONE,
    [areBoth, a, b, unit, steps, inUse],
  );
  return (
    <View style={styles.box}>
      {two.map(({ title, stackMm }, i) => (
        <View key={title} style={styles.stack}>
          <Words role="heading">{title}</Words>
          {stackMm === 0 ? (
            <Words>No stack: it stays flat.</Words>
          ) : pair.feasible ? (
            <Made pieces={i === 0 ? pair.first : pair.second} inUse={inUse} />
          ) : (
            <StackAnswer pieces={inUse} targetMm={stackMm} wearPiece={null} />
          )}
        </View>
      ))}
      {areBoth && !pair.feasible && <Caution level="caution">{sayApart('plates')}</Caution>}
    </View>
  );
}

/** Two stacks under the rolls of a bar for an angle that one alone would be too thin for. */
export function RaisedRolls({ inUse, heightMm }: { inUse: PiecesInUse; heightMm: number }) {
  const { unit, steps } = inUse;
  const pair = useMemo(
    () =>
      unlessRefused(
        () =>
          raisedRolls(
            unit,
            steps,
            inUnit(heightMm, unit),
            NEAREST_MM / 2 / convert(1, unit, 'mm'),
            mostOf(inUse),
          ),
        NONE,
      ),
    [heightMm, unit, steps, inUse],
  );
  if (!pair.feasible) return <Caution level="caution">{sayApart('rolls')}</Caution>;
  return (
    <View style={styles.box} testID="raised-rolls">
      <View style={styles.stack}>
        <Words role="heading">Under the lower roll</Words>
        <Made pieces={pair.first} inUse={inUse} />
      </View>
      <View style={styles.stack}>
        <Words role="heading">Under the upper roll</Words>
        <Made pieces={pair.second} inUse={inUse} />
      </View>
    </View>
  );
}

function Made({ pieces, inUse: { unit } }: { pieces: readonly number[]; inUse: PiecesInUse }) {
  return (
    <View style={styles.stack} testID="stack-answer">
      <StackPicture pieces={pieces} unit={unit} wearPiece={null} />
      <Words role="big" testID="stack-pieces">
        {sayPieces(pieces, unit)}
      </Words>
    </View>
  );
}

const styles = sheet({ box: { gap: SPACE.near }, stack: { gap: SPACE.close } });
