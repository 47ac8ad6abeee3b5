import { formatLength, joined } from '@pike-stone/words';
import { MILL_WEAR_WORDS } from '@pike-stone/words/wheel';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { useRecords } from '../../../data/records';
import { dayOf } from '../../../kit/day';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import type { EndMill } from './use-end-mill';

/** Sharpenings of this cutter, newest first. */
export function MillHistory({ mill }: { mill: EndMill }) {
  const units = useUnits();
  const { records } = useRecords('sharpenings');
  const own = records
    .filter(({ archived, body }) => !archived && body.toolId === mill.key && body.finishedAt !== null)
    .sort((a, b) => b.body.startedAt.localeCompare(a.body.startedAt));
  if (own.length === 0) return null;
  const size = (mm: number) => joined(formatLength(mm, units));
  return (
    <Sheet>
      <View style={styles.box} testID="mill-history">
        <Words role="heading">{own.length === 1 ? 'Sharpened once' : `Sharpened ${own.length} times`}</Words>
        {own.map(({ id, body }) => (
          <View key={id}>
            <Words role="strong">
              {`${dayOf(body.startedAt)}${body.endTeeth ? `: ${MILL_WEAR_WORDS[body.endTeeth.wear].name.toLowerCase()}` : ''}`}
            </Words>
            <Words role="note">
              {[
                `${size(body.stockMm)} off`,
                ...(body.lengthAfterMm === null ? [] : [`flutes ${size(body.lengthAfterMm)} after it`]),
                ...(body.minutes === null ? [] : [`${Math.round(body.minutes)} min`]),
                ...(body.note ? [body.note] : []),
              ].join(', ')}
            </Words>
          </View>
        ))}
      </View>
    </Sheet>
  );
}

const styles = sheet({ box: { padding: SPACE.edge, gap: SPACE.close } });
