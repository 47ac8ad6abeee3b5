import type { GestureResponderEvent } from 'react-native';

/** Where on the pressed thing the finger or the mouse came down, from its left edge; a browser's click says it in words of its own. */
export const touchX = ({ nativeEvent }: GestureResponderEvent): number => {
  const { locationX, offsetX } = nativeEvent as { locationX?: number; offsetX?: number };
  return locationX ?? offsetX ?? 0;
};
