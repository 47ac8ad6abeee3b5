import { CUTTER_STEEL_NAMES, MAKING_WAYS } from '@pike-stone/core/bits';
import { STEEL_WORDS, WAY_WORDS } from '@pike-stone/words/form';
import { View } from 'react-native';
import { Choice } from '../../../kit/Choice';
import { Panel } from '../../../kit/Panel';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import type { Form } from '../use-form';

/** The steel of the cutter, and the way in which its form is shaped. */
export function MakingPanel({ form, onClose }: { form: Form; onClose: () => void }) {
  const { steel, way } = form.body;
  return (
    <Panel title="Steel, and how it is shaped" onClose={onClose}>
      <View style={styles.pad}>
        <Choice
          says="Steel"
          value={steel}
          onChange={(next) => form.change({ steel: next }, 'Steel changed.')}
          options={CUTTER_STEEL_NAMES.map((value) => ({ value, label: STEEL_WORDS[value] }))}
        />
        <Choice
          says="Shaped by"
          value={way}
          onChange={(next) => form.change({ way: next }, 'Way changed.')}
          options={MAKING_WAYS.map((value) => ({ value, label: WAY_WORDS[value].name }))}
        />
        <Words role="note">{WAY_WORDS[way].about}</Words>
      </View>
    </Panel>
  );
}

const styles = sheet({ pad: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near } });
