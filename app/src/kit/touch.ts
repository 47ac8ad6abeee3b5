import type { GestureResponderEvent } from 'react-native';

/** Distance of a press from the left edge of the pressed element, px. Browser clicks carry it under another name than touches. */
export const touchX = ({ nativeEvent }: GestureResponderEvent): number => {
  const { locationX, offsetX } = nativeEvent as { locationX?: number; offsetX?: number };
  return locationX ?? offsetX ?? 0;
};
