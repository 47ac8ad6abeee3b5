import type { ReactNode } from 'react';
import { Image, View } from 'react-native';
import { sheet } from '../theme/sheet';
import { SPACE } from '../theme/type';
import { Words } from './Words';

/** A photo with what can be done about it below, and why the last one was not taken. */
export function PhotoBox({
  uri,
  says,
  fault,
  children,
}: {
  uri: string | null;
  /** What is on it, for those who cannot see it. */
  says: string;
  fault: string | null;
  children?: ReactNode;
}) {
  return (
    <View style={styles.box}>
      {uri && <Image source={{ uri }} style={styles.photo} resizeMode="contain" accessibilityLabel={says} />}
      {fault && <Words role="fault">{fault}</Words>}
      {children}
    </View>
  );
}

const styles = sheet({ box: { gap: SPACE.close }, photo: { width: '100%', height: 220 } });
