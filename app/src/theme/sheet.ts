import { Platform, StyleSheet, type DimensionValue } from 'react-native';

/** Size of a browser's text while nobody has changed it, px. */
export const BROWSER_TEXT_PX = 16;

type TypeSizes = { readonly fontSize?: unknown; readonly lineHeight?: unknown };

/** A length of type that grows with the text size which a person set in the browser. */
const rem = (size: unknown): unknown =>
  Platform.OS === 'web' && typeof size === 'number' ? `${size / BROWSER_TEXT_PX}rem` : size;

/** A width of a column of figures, which grows with the text size. */
export const textWide = (px: number): DimensionValue => rem(px) as DimensionValue;

const inRem = <Style extends object>(style: Style): Style => {
  const { fontSize, lineHeight } = style as TypeSizes;
  return {
    ...style,
    ...(fontSize !== undefined && { fontSize: rem(fontSize) }),
    ...(lineHeight !== undefined && { lineHeight: rem(lineHeight) }),
  };
};

/** A style sheet whose sizes of type are in rem. */
export const sheet: typeof StyleSheet.create = (styles) =>
  StyleSheet.create(
    Object.fromEntries(
      Object.entries(styles).map(([name, style]) => [name, inRem(style as object)]),
    ) as typeof styles,
  );
