import { judgeAngle, type ReadAngle } from '@pike-stone/core/grind';
import { sayAngleVerdict } from '@pike-stone/words/grind';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Caution } from '../../../kit/Caution';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { measuredAngles } from '../tool-of-bit';
import type { Bit } from '../use-bit';
import { useSessions } from '../use-tool';

/** Angles as they were last measured on the bit, against those it was planned with. */
export function Measured({ bit }: { bit: Bit }) {
  const units = useUnits();
  const measured = measuredAngles(useSessions(bit.record.id));
  const angles = Object.keys(measured) as ReadAngle[];
  if (angles.length === 0) return null;
  return (
    <Sheet>
      <View style={styles.pad} testID="measured">
        <Words role="heading">Measured on it</Words>
        {angles.map((angle) => {
          const deg = measured[angle]!;
          const said = sayAngleVerdict(angle, deg, judgeAngle(bit.plan, angle, deg, bit.body.use), units);
          return (
            <View key={angle}>
              <Words role={said.effect ? 'strong' : 'body'}>{said.text}</Words>
              {said.effect && <Caution level="caution">{said.effect}</Caution>}
              {said.mend && <Words>{said.mend}</Words>}
            </View>
          );
        })}
      </View>
    </Sheet>
  );
}

const styles = sheet({ pad: { padding: SPACE.edge, gap: SPACE.close } });
