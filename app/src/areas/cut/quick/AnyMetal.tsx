import { metalsCalled } from '@pike-stone/words/picking';
import { useState } from 'react';
import { View } from 'react-native';
import { Row } from '../../../kit/Row';
import { TextBox } from '../../../kit/TextBox';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';

/** Any metal of the library, picked or found by a word of its name. */
export function AnyMetal({ onTake }: { onTake: (key: string, name: string) => void }) {
  const [text, setText] = useState('');
  const found = metalsCalled(text);
  return (
    <View>
      <View style={styles.pad}>
        <Words role="label">Any metal, not from the drawer</Words>
        <TextBox
          label="Any metal"
          hideLabel
          value={text}
          onChange={setText}
          placeholder="mild, 304, brass…"
          fault={found.length === 0 ? 'No metal of the library is called so.' : undefined}
        />
      </View>
      {found.map(({ key, name, about }) => (
        <Row key={key} title={name} about={about} onPress={() => onTake(key, name)} />
      ))}
    </View>
  );
}

const styles = sheet({
  pad: { paddingHorizontal: SPACE.edge, paddingVertical: SPACE.near, gap: SPACE.close },
});
