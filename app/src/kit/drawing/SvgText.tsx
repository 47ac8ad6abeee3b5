import { memo } from 'react';
import { Text, type TextProps } from 'react-native-svg';
import { useTextScale } from '../../theme/theme';

/** A drawing has no more room than this for a larger text; what it says stands in words beside it too. */
const MOST = 1.3;
/** Width of a figure, as a share of its height. */
const FIGURE = 0.62;

/** How much larger than usual the words of a drawing are. */
export const useDrawnScale = (): number => Math.min(useTextScale(), MOST);

/**
 * Words in a drawing: as large as the browser's text, as far as a drawing has room.
 * @param room  width that the words must stay in, px; they are never smaller than `fontSize`
 */
export const SvgText = memo(function SvgText({
  fontSize,
  room,
  ...rest
}: Omit<TextProps, 'fontSize'> & { fontSize: number; room?: number }) {
  const grown = fontSize * useDrawnScale();
  const fits = room === undefined ? grown : room / (String(rest.children).length * FIGURE);
  return <Text {...rest} fontSize={Math.max(fontSize, Math.min(grown, fits))} />;
});
