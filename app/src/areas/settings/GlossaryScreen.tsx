import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { backOr } from '../../kit/back';
import { Screen, Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { GLOSSARY } from './glossary';

/** The glossary of the terms used in the application. */
export function GlossaryScreen() {
  const router = useRouter();
  return (
    <Screen title="Words" toRead onBack={() => backOr(router, '/settings')}>
      <Sheet>
        {[...GLOSSARY]
          .sort(([a], [b]) => a.localeCompare(b))
          .map(([term, meaning]) => (
            <View key={term} style={styles.entry}>
              <Words role="strong">{term}</Words>
              <Words>{meaning}</Words>
            </View>
          ))}
      </Sheet>
    </Screen>
  );
}

const styles = sheet({ entry: { paddingHorizontal: SPACE.edge, paddingVertical: SPACE.close } });
