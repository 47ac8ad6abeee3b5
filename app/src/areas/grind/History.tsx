import { angleRead } from '@pike-stone/core/grind';
import { formatAngle, formatLength, joined } from '@pike-stone/words';
import { ANGLE_WORDS, WEAR_WORDS } from '@pike-stone/words/grind';
import { View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { useRecords } from '../../data/records';
import { Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { dayOf } from '../../kit/day';
import { SmallBit } from './SmallBit';
import type { Bit } from './use-bit';

/** What was done to a bit: each session with what was read, and the bit as long as it was then. */
export function History({ bit }: { bit: Bit }) {
  const units = useUnits();
  const { records } = useRecords('grinds');
  const own = records
    .filter(({ archived, body }) => !archived && body.bitId === bit.record.id && body.finishedAt !== null)
    .sort((a, b) => b.body.startedAt.localeCompare(a.body.startedAt));
  if (own.length === 0) return null;
  return (
    <Sheet>
      <View style={styles.pad}>
        <Words role="heading">
          {`Done at the grinder: ${own.length === 1 ? 'once' : `${own.length} times`}`}
        </Words>
        {own.map(({ id, body }) => (
          <View key={id} style={styles.line}>
            <SmallBit plan={bit.plan} view="side" lengthMm={body.lengthAfterMm} />
            <View style={styles.words}>
              <Words role="strong">
                {`${dayOf(body.startedAt)}: ${body.why === 'new' ? 'ground new' : `reground${body.wear ? `, ${WEAR_WORDS[body.wear].name.toLowerCase()}` : ''}`}`}
              </Words>
              <Words role="note">
                {[
                  `${joined(formatLength(body.lengthAfterMm, units))} long after it`,
                  ...body.readings.flatMap(({ step, plane, deg }) => {
                    const angle = angleRead(step, plane);
                    return angle ? [`${ANGLE_WORDS[angle].short} ${formatAngle(deg, 1)}`] : [];
                  }),
                  ...(body.note ? [body.note] : []),
                ].join(', ')}
              </Words>
            </View>
          </View>
        ))}
      </View>
    </Sheet>
  );
}

const styles = sheet({
  pad: { padding: SPACE.edge, gap: SPACE.near },
  line: { flexDirection: 'row', gap: SPACE.near, alignItems: 'flex-start' },
  words: { flex: 1 },
});
