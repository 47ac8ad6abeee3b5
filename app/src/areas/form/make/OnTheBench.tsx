import { simpleIndexing, sineStack, USUAL_BAR_MM } from '@pike-stone/core/setting';
import { formatLength, joined } from '@pike-stone/words';
import { sayIndexing } from '@pike-stone/words/form';
import { useUnits } from '../../../data/preferences';
import { Words } from '../../../kit/Words';
import { StackAnswer } from '../../angles/StackAnswer';
import { useHead, usePieces } from '../../angles/use-set';

/** The stack for the lean of a flank, from the blocks or feelers in use. */
export function FlankStack({ leanDeg }: { leanDeg: number }) {
  const units = useUnits();
  const { pieces } = usePieces();
  const { stackMm } = sineStack(USUAL_BAR_MM, leanDeg);
  return (
    <>
      <Words role="strong">{`Stack under a bar of ${joined(formatLength(USUAL_BAR_MM, units))}:`}</Words>
      <StackAnswer pieces={pieces} targetMm={stackMm} wearPiece={null} />
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
