import { useEffect, useRef, useState } from 'react';
import { Text } from 'react-native';
import { sheet } from '../theme/sheet';

/** Figures that change in quick steps are said when they have come to rest, ms. */
const AT_REST_MS = 500;

/** Says a text aloud when it has changed, once it stays as it is. What a page begins with is not said. */
export function Announced({ children }: { children: string }) {
  const [said, setSaid] = useState('');
  const first = useRef(children);
  useEffect(() => {
    if (children === first.current && said === '') return;
    const timer = setTimeout(() => setSaid(children), AT_REST_MS);
    return () => clearTimeout(timer);
  }, [children, said]);
  return (
    <Text role="status" aria-live="polite" style={styles.unseen}>
      {said}
    </Text>
  );
}

const styles = sheet({
  unseen: { position: 'absolute', width: 1, height: 1, overflow: 'hidden', opacity: 0.01 },
});
