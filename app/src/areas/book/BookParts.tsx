import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Choice } from '../../kit/Choice';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';

const PARTS = [
  { value: '/book', label: 'Cuts' },
  { value: '/book/runs', label: 'Runs' },
  { value: '/book/comparisons', label: 'Compared' },
  { value: '/book/proven', label: 'Proven' },
  { value: '/book/charts', label: 'Charts' },
] as const;
export type BookPart = (typeof PARTS)[number]['value'];

/** The parts of the book, one beside the other. */
export function BookParts({ of }: { of: BookPart }) {
  const router = useRouter();
  return (
    <View style={styles.parts}>
      <Choice says="Part of the book" value={of} onChange={(part) => router.replace(part)} options={PARTS} />
    </View>
  );
}

const styles = sheet({ parts: { paddingHorizontal: SPACE.edge } });
