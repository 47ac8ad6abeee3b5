import { View } from 'react-native';
import { Row } from '../../kit/Row';
import { Sheet } from '../../kit/Screen';
import { TextBox } from '../../kit/TextBox';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { PLATE_CHOICES, ownPlates, plateName, useOwnPlates, usePlates } from './use-set';

/** The plates of the dividing head, one set chosen; one's own are typed. */
export function PlateList() {
  const { name, choose } = usePlates();
  const [text, setText] = useOwnPlates();
  return (
    <Sheet>
      {PLATE_CHOICES.map((one) => (
        <Row key={one} title={plateName(one)} chosen={one === name} onPress={() => choose(one)} />
      ))}
      {name === 'own' && (
        <View style={styles.box}>
          <TextBox
            label="Holes of the circles, a side of a plate on each row"
            figures
            lines={4}
            value={text}
            onChange={setText}
            fault={
              ownPlates(text) === null
                ? 'Whole numbers of holes from 2 to 1000, with a blank between.'
                : undefined
            }
          />
        </View>
      )}
    </Sheet>
  );
}

const styles = sheet({ box: { padding: SPACE.edge } });
