import { formatLength, joined, type UnitSystem } from '@pike-stone/words';
import { View } from 'react-native';
import { IconButton } from '../../../kit/Button';
import { CloseIcon } from '../../../kit/icons';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { useColours } from '../../../theme/theme';
import { SPACE } from '../../../theme/type';
import type { SizeJob } from './size-job';

/** The measures taken so far; the last one can be left out. */
export function Measured({
  job,
  sign,
  units,
  onRemove,
}: {
  job: SizeJob;
  sign: string;
  units: UnitSystem;
  onRemove: (i: number) => void;
}) {
  const colours = useColours();
  return (
    <View style={styles.group}>
      <Words role="heading">Measured</Words>
      {job.measures.map(({ foundMm, dialMm }, i) => (
        <View key={i} style={styles.row}>
          <Words
            style={styles.grow}
          >{`${sign}${joined(formatLength(foundMm, units))} with the slide ${joined(formatLength(dialMm, units))} in`}</Words>
          {i === job.measures.length - 1 && (
            <IconButton says={`Leave out measure ${i + 1}`} onPress={() => onRemove(i)}>
              <CloseIcon color={colours.quiet} size={20} />
            </IconButton>
          )}
        </View>
      ))}
    </View>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  row: { flexDirection: 'row', gap: SPACE.close, alignItems: 'center' },
  group: { padding: SPACE.edge, gap: SPACE.hair },
});
