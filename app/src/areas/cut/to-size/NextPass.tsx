import { formatLength, joined, sayDial } from '@pike-stone/words';
import { View } from 'react-native';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import type { PartProps } from './part-props';
import type { SizeJob } from './size-job';

/** The next dial reading, in large figures. */
export function NextPass({ state, job, dial, sign, units }: PartProps & { job: SizeJob }) {
  const length = (mm: number) => joined(formatLength(mm, units));
  const { correction, rows } = state;
  const [next] = rows;
  const wrongWay = job.of === 'bore' ? job.targetMm < job.startMm : job.targetMm > job.startMm;
  return (
    <View style={styles.group}>
      {wrongWay && (
        <Words role="fault">
          {job.of === 'bore'
            ? 'A bore grows: the wanted size must be larger.'
            : 'Turning and milling take away: the wanted size must be smaller.'}
        </Words>
      )}
      {state.fault && <Words role="fault">{state.fault}</Words>}
      {correction?.touchOffWrong && (
        <Words role="fault">
          It took more than the dial said: the touch-off was not true, or the work is hot. Let it cool, touch
          off anew; the dial starts at zero again.
        </Words>
      )}
      {correction?.oversizeCut && (
        <Words role="fault">{`Past the wanted size by ${length(-2 * correction.leftRadialMm)}. Nothing to advance.`}</Words>
      )}
      {next && !wrongWay ? (
        <>
          <Words role="label">
            {state.removedMm === 0 ? 'Touch off, set the dial to 0. Then in to' : 'In to'}
          </Words>
          <Words role="big" testID="next-dial" style={styles.big}>
            {sayDial(dial, next.dialMm)}
          </Words>
          <Words>{`${length(next.depthMm)} deep, comes out ${sign}${length(next.afterMm)}`}</Words>
          {correction && correction.deflectionRatio > 0.005 && (
            <Words role="note">{`It gave way by ${Math.round(100 * correction.deflectionRatio)} % of the depth last time: the dial goes in that much further. Run over again without advancing would take ${length(correction.springPassRemovesMm)} at most.`}</Words>
          )}
          <Words role="note">{`Backlash ${length(dial.backlashMm)}: back off half a turn beyond and come in again, always from the same side.`}</Words>
          {state.skinNotCleared && (
            <Words role="fault">The first pass stays in the skin: deeper, or take the skin off first.</Words>
          )}
        </>
      ) : (
        !wrongWay && <Words role="heading">{correction?.oversizeCut ? 'Too far' : 'On size'}</Words>
      )}
    </View>
  );
}

const styles = sheet({
  group: { padding: SPACE.edge, gap: SPACE.hair },
  big: { fontSize: 34, lineHeight: 42 },
});
