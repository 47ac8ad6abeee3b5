import { useCallback, useState } from 'react';
import type { LayoutChangeEvent } from 'react-native';

/** The width that a part of the page was given, px; 0 until it is laid out. */
export function useWidth() {
  const [width, setWidth] = useState(0);
  const onLayout = useCallback((event: LayoutChangeEvent) => setWidth(event.nativeEvent.layout.width), []);
  return { width, onLayout };
}
