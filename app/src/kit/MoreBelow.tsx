import { useEffect, useRef } from 'react';
import { View } from 'react-native';
import { sheet } from '../theme/sheet';
import { SPACE } from '../theme/type';
import { Button } from './Button';

/** How far before its end a list reads on, px. */
const AHEAD_PX = 600;

/** The end of what is read of a list: it reads on when it comes near the view, and has a button for it. */
export function MoreBelow({ hasMore, more }: { readonly hasMore: boolean; readonly more: () => void }) {
  const end = useRef<View>(null);
  const read = useRef(more);
  useEffect(() => {
    read.current = more;
  });
  useEffect(() => {
    const element = end.current as unknown as Element | null;
    if (!hasMore || !element || !('IntersectionObserver' in window)) return;
    const observer = new IntersectionObserver(
      ([seen]) => {
        if (seen?.isIntersecting) read.current();
      },
      { rootMargin: `${AHEAD_PX}px` },
    );
    observer.observe(element);
    return () => observer.disconnect();
  }, [hasMore]);
  if (!hasMore) return null;
  return (
    <View ref={end} style={styles.end}>
      <Button kind="plain" label="More" onPress={more} />
    </View>
  );
}

const styles = sheet({ end: { padding: SPACE.near } });
