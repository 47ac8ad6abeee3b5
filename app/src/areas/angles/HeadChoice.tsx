import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Choice } from '../../kit/Choice';
import { Row } from '../../kit/Row';
import { Sheet } from '../../kit/Screen';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { isReadable, useHead } from './use-set';

/** The dividing head in use: one of the shop's, or usual plates with a ratio beside. */
export function HeadChoice() {
  const router = useRouter();
  const { heads, choose, head, ratios, chosenRatio, setRatio } = useHead();
  return (
    <Sheet>
      {heads.map((one) =>
        isReadable(one) ? (
          <Row
            key={one.id}
            title={one.name}
            {...(one.ratio !== null && { about: `${one.ratio} : 1` })}
            chosen={one.id === head.id}
            onPress={() => choose(one.id)}
          />
        ) : (
          <Row
            key={one.id}
            title={one.name}
            about="a number in its lists cannot be read: mend it in the drawer"
            onPress={() => router.push(`/drawer/supplies/${one.id}`)}
          />
        ),
      )}
      {head.ratio === null && (
        <View style={styles.box}>
          <Choice
            says="Turns of the crank for one of the work"
            value={chosenRatio}
            onChange={setRatio}
            options={ratios.map((value) => ({ value, label: value === '1' ? 'Direct' : `${value} : 1` }))}
          />
        </View>
      )}
      <Row
        title="Add a dividing head"
        about="its ratio, plates and gears, kept in the drawer"
        onPress={() => router.push('/drawer/supplies/new?type=dividing-head')}
      />
    </Sheet>
  );
}

const styles = sheet({ box: { padding: SPACE.edge } });
