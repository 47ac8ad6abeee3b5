import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../../kit/Button';
import { Panel } from '../../../kit/Panel';
import { TextBox } from '../../../kit/TextBox';
import { SPACE } from '../../../theme/type';

const MOST = 180;

/** Types a number of teeth or an angle in degrees. */
export function NumberPanel({
  title,
  value,
  onSet,
  onClose,
}: {
  title: string;
  value: number;
  onSet: (value: number) => void;
  onClose: () => void;
}) {
  const [text, setText] = useState(String(value));
  const typed = Number(text.trim().replace(',', '.'));
  const fits = text.trim() !== '' && typed > 0 && typed <= MOST;
  return (
    <Panel
      title={title}
      onClose={onClose}
      footer={
        <Button
          kind="main"
          label="Set"
          disabled={!fits}
          onPress={() => {
            onSet(typed);
            onClose();
          }}
          style={styles.grow}
        />
      }
    >
      <View style={styles.pad}>
        <TextBox
          label={title}
          hideLabel
          figures
          value={text}
          onChange={setText}
          fault={fits ? undefined : `A number above 0, up to ${MOST}.`}
        />
      </View>
    </Panel>
  );
}

const styles = StyleSheet.create({ grow: { flex: 1 }, pad: { padding: SPACE.edge } });
