import { simpleIndexing, sineStack } from '@pike-stone/core/setting';
import { formatLength, joined } from '@pike-stone/words';
import { sayIndexing } from '@pike-stone/words/form';
import { useUnits } from '../../../data/preferences';
import { Words } from '../../../kit/Words';
import { StackAnswer } from '../../angles/StackAnswer';
import { useHead, usePieces } from '../../angles/use-set';

/** Length of a usual sine bar or plate, mm, and how near its stack must come. */
const BAR_MM = 100;
const NEAREST_MM = 0.003;

/** The stack for the lean of a flank, from the blocks or feelers in use. */
export function FlankStack({ leanDeg }: { leanDeg: number }) {
  const units = useUnits();
  const { pieces } = usePieces();
  const { stackMm } = sineStack(BAR_MM, leanDeg);
  return (
    <>
      <Words role="strong">{`Stack under a bar of ${joined(formatLength(BAR_MM, units))}:`}</Words>
      <StackAnswer pieces={pieces} targetMm={stackMm} toleranceMm={NEAREST_MM} wearPiece={null} />
    </>
  );
}

/** The move of the crank for the teeth of a cutter, on the head in use. */
export function GashIndex({ teeth }: { teeth: number }) {
  const { head, ratio } = useHead();
  return (
    <Words role="strong">{`${head.name}, ${ratio} : 1: ${sayIndexing(simpleIndexing(ratio, teeth, head.plates))}.`}</Words>
  );
}
