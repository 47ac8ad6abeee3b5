import { createContext, useContext, useEffect, type ReactNode } from 'react';
import { useColorScheme, useWindowDimensions } from 'react-native';
import { COLOURS, type Colours, type Scheme } from './colours';

const SchemeContext = createContext<Scheme>('light');

/** Provides the light or dark theme, by the person's choice or the device's; colours the page's background too. */
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
    document.body.style.backgroundColor = COLOURS[scheme].ground;
    document.documentElement.style.colorScheme = scheme;
    document.querySelector('meta[name="theme-color"]')?.setAttribute('content', COLOURS[scheme].ground);
  }, [scheme]);
  return <SchemeContext value={scheme}>{children}</SchemeContext>;
}

export const useColours = (): Colours => COLOURS[useContext(SchemeContext)];

/** Makes a style sheet for each theme once and returns the one in use. */
export function themed<Styles>(make: (colours: Colours) => Styles): () => Styles {
  const made: Partial<Record<Scheme, Styles>> = {};
  return function useThemed() {
    const scheme = useContext(SchemeContext);
    return (made[scheme] ??= make(COLOURS[scheme]));
  };
}

const WIDE = 900;
export const PAGE_WIDTH = 1120;
export const useWide = (): boolean => useWindowDimensions().width >= WIDE;
