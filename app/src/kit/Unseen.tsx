import { Text } from 'react-native';
import { sheet } from '../theme/sheet';

/** Words that are only heard. They stand inside the words that are seen before them. */
export const Unseen = ({ children }: { children: string }) => <Text style={styles.unseen}>{children}</Text>;

const styles = sheet({ unseen: { fontSize: 0 } });
