import { createContext, useContext, useEffect, useSyncExternalStore, type ReactNode } from 'react';
import { Platform, useColorScheme, useWindowDimensions } from 'react-native';
import { COLOURS, VARIABLES, type Colours, type Scheme } from './colours';
import { BROWSER_TEXT_PX } from './sheet';
import { TWO_PANES } from './widths';

const SchemeContext = createContext<Scheme>('light');

/**
 * Provides the light or dark theme, by the person's choice or the device's. The colours themselves are
 * variables of the page's style sheet, which follow the attribute that is set here.
 */
export function ThemeProvider({
  wanted = 'system',
  children,
}: {
  wanted?: Scheme | 'system';
  children: ReactNode;
}) {
  const device = useColorScheme();
  const scheme: Scheme = wanted === 'system' ? (device === 'dark' ? 'dark' : 'light') : wanted;
  useEffect(() => {
    document.documentElement.dataset['theme'] = scheme;
    document.querySelector('meta[name="theme-color"]')?.setAttribute('content', COLOURS[scheme].ground);
  }, [scheme]);
  return <SchemeContext value={scheme}>{children}</SchemeContext>;
}

/** The colours as styles and drawings name them, whichever theme is in use. */
export const useColours = (): Colours => VARIABLES;

/** The colours of the theme in use as numbers, to compute others from. */
export const useColourNumbers = (): Colours => COLOURS[useContext(SchemeContext)];

/** Makes a style sheet once, when it is first used, with the colours of the theme. */
export function themed<Styles>(make: (colours: Colours) => Styles): () => Styles {
  let made: Styles | null = null;
  return () => (made ??= make(VARIABLES));
}

const textScale = (): number =>
  Platform.OS === 'web' && typeof document !== 'undefined'
    ? (parseFloat(getComputedStyle(document.documentElement).fontSize) || BROWSER_TEXT_PX) / BROWSER_TEXT_PX
    : 1;
const onResize = (changed: () => void): (() => void) => {
  window.addEventListener('resize', changed);
  return () => window.removeEventListener('resize', changed);
};

/** Size of the browser's text against its usual one: 1.3 where a person set 130 %. For what is laid out in pixels. */
export const useTextScale = (): number => useSyncExternalStore(onResize, textScale, () => 1);

/** From these widths on the places stand in a rail: of any screen, and of one that is low, px. */
const RAIL = { any: 900, low: 600 } as const;
const LOW = 500;

/** Media condition under which the places stand in a rail at the left, and not in a bar below. */
export const RAIL_MEDIA = `(min-width:${RAIL.any}px),(min-width:${RAIL.low}px) and (max-height:${LOW - 1}px)`;
export const PAGE_WIDTH = 1120;
/** Whether there is room for two panes beside each other. */
export const useWide = (): boolean => useWindowDimensions().width >= TWO_PANES;
/** Whether the screen is low, as that of a phone across or of a page at twice its size. */
export const useLow = (): boolean => useWindowDimensions().height < LOW;
/** Whether the places stand in a rail. */
export function useRail(): boolean {
  const { width, height } = useWindowDimensions();
  return width >= RAIL.any || (width >= RAIL.low && height < LOW);
}
