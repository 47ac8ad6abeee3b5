import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Choice } from '../../kit/Choice';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';

const PARTS = [
  { value: '/book', label: 'Cuts' },
  { value: '/book/runs', label: 'Runs' },
  { value: '/book/comparisons', label: 'Comparisons' },
  { value: '/book/proven', label: 'Proven' },
  { value: '/book/charts', label: 'Charts' },
] as const;
export type BookPart = (typeof PARTS)[number]['value'];

/**
 * The parts of the book, one beside the other.
 * @param inHead  it stands in a head that has its own edges
 */
export function BookParts({ of, inHead = false }: { of: BookPart; inHead?: boolean }) {
  const router = useRouter();
  return (
    <View style={!inHead && styles.parts}>
      <Choice says="Part of the book" value={of} onChange={(part) => router.replace(part)} options={PARTS} />
    </View>
  );
}

const styles = sheet({ parts: { paddingHorizontal: SPACE.edge } });
