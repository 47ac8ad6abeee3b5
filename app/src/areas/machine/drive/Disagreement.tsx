import { type SpeedTable } from '@pike-stone/core/drive';
import { settingWords } from '@pike-stone/words/drive';
import { View } from 'react-native';
import { Button } from '../../../kit/Button';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { type DriveDraft } from './drive-draft';

/** Warns of measured speeds that cannot all be true with these pulleys. */
export function Disagreement({
  table,
  draft,
  onForget,
}: {
  table: SpeedTable;
  draft: DriveDraft;
  onForget: (measures: DriveDraft['measures']) => void;
}) {
  const { combined, positions } = table;
  if (!combined?.measuresDisagree) return null;
  const odd = combined.flaggedMeasure === null ? undefined : draft.measures[combined.flaggedMeasure];
  const position = positions.find(({ id }) => id === odd?.position);
  if (!odd || !position)
    return (
      <Words role="fault">
        The measured steps do not agree with each other through these pulleys, and neither can be blamed:
        measure a third step.
      </Words>
    );
  return (
    <View style={styles.tight}>
      <Words role="fault">{`${settingWords(draft.drive, position)} does not fit the other measured steps: a slipping belt, or a wrong pulley.`}</Words>
      <Button
        label="Leave this measure out"
        onPress={() => onForget(draft.measures.filter((one) => one !== odd))}
      />
    </View>
  );
}

const styles = sheet({ tight: { gap: SPACE.close } });
