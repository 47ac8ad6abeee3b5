import type { EndMillPlan } from '@pike-stone/core/wheel';
import { formatLength, joined } from '@pike-stone/words';
import { sayMinutes } from '@pike-stone/words/wheel';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import type { EndMill } from './use-end-mill';

/** What comes off, in how many rounds, and what an error of indexing would do. */
export function RoundsSheet({ mill: { job }, plan }: { mill: EndMill; plan: EndMillPlan }) {
  const units = useUnits();
  const size = (mm: number) => joined(formatLength(mm, units));
  const { rounds, secondRounds, second } = plan;
  return (
    <Sheet>
      <View style={styles.box} testID="rounds">
        <Words role="heading">{`${size(rounds.stockMm)} off the end, ${sayMinutes(plan.minutes)}`}</Words>
        <Words>
          {`${rounds.rounds} rounds of ${size(job.infeedMm)}, the last ${size(rounds.lastMm)}, and ${job.sparkOut} without infeed: ${rounds.passes} passes.`}
        </Words>
        {second && secondRounds && (
          <Words>
            {`Second relief: the grinder at ${size(second.raiseMm)}, ${size(second.deeperMm)} deeper in ${secondRounds.rounds} rounds.`}
          </Words>
        )}
        <Words>
          {`Stop ${size(plan.reachMm)} in from the corner${plan.gapMm > 0 ? `; ${size(plan.gapMm)} across the centre stay` : ''}. The ends fall ${size(plan.dish.depthMm)} to the centre.`}
        </Words>
        <Words role="note">
          {`A tooth turned by half a degree ends ${(1000 * Math.abs(plan.halfDegree.lowMm)).toFixed(1)} µm low: that is let pass, two degrees are not.`}
        </Words>
      </View>
    </Sheet>
  );
}

const styles = sheet({ box: { padding: SPACE.edge, gap: SPACE.close } });
