import { Slot, usePathname, useRouter, type ErrorBoundaryProps } from 'expo-router';
import { useEffect } from 'react';
import { StyleSheet, View } from 'react-native';
import { SWRConfig } from 'swr';
import { deviceCache } from '../data/device-cache';
import { useOutbox } from '../data/outbox';
import { usePreferences } from '../data/preferences';
import { bringLists, sendNow, useSession } from '../data/records';
import { useShopCache } from '../data/shop-cache';
import { Button } from '../kit/Button';
import { Empty } from '../kit/Empty';
import { useKeys } from '../kit/keys';
import { Notices } from '../areas/house/Notices';
import '../areas/pages';
import { SizeTypingContext } from '../kit/size-typing';
import { bringTheRest } from '../kit/later';
import { Navigation } from '../kit/Navigation';
import { UndoBar } from '../kit/Undo';
import { ThemeProvider, themed, useWide } from '../theme/theme';

const TRY_AGAIN_MS = 5_000;
const SETTLED_MS = 2_000;

export default function Layout() {
  const preferences = usePreferences();
  return (
    <ThemeProvider wanted={preferences.theme}>
      <SizeTypingContext value={preferences}>
        <SWRConfig
          value={{ provider: deviceCache, errorRetryInterval: TRY_AGAIN_MS, dedupingInterval: 1_000 }}
        >
          <House />
        </SWRConfig>
      </SizeTypingContext>
    </ThemeProvider>
  );
}

function House() {
  const styles = useStyles();
  const wide = useWide();
  // At the grinder one step fills the screen.
  const bare = usePathname().endsWith('/steps');
  useShopCache();
  useTheRest();
  useSending();
  useHouseKeys();
  return (
    <View style={[styles.house, wide && styles.wide]}>
      {wide && !bare && <Navigation rail />}
      <View style={styles.room}>
        <Notices />
        <View style={styles.page} role="main">
          <Slot />
        </View>
        <UndoBar />
      </View>
      {!wide && !bare && <Navigation />}
    </View>
  );
}

/** Sends waiting writes at the start, when the network returns, and every few seconds until none is left. */
function useSending(): void {
  const waiting = useOutbox((state) => state.entries.some((entry) => entry.state === 'waiting'));
  useEffect(() => {
    if (!waiting) return;
    const send = () => void sendNow();
    send();
    const timer = setInterval(send, TRY_AGAIN_MS);
    window.addEventListener('online', send);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', send);
    };
  }, [waiting]);
}

/** Loads the other pages and lists once the first page is shown and idle. */
function useTheRest(): void {
  const { data: session } = useSession();
  useEffect(() => {
    if (!session) return;
    const bring = () => {
      bringTheRest();
      void bringLists();
    };
    if (!('requestIdleCallback' in window)) {
      const timer = setTimeout(bring, SETTLED_MS);
      return () => clearTimeout(timer);
    }
    const idle = requestIdleCallback(bring, { timeout: SETTLED_MS });
    return () => cancelIdleCallback(idle);
  }, [session]);
}

function useHouseKeys(): void {
  const router = useRouter();
  useKeys({
    'g b': () => router.push('/'),
    'g c': () => router.push('/cut'),
    'g g': () => router.push('/grind'),
    'g d': () => router.push('/drawer'),
    'g k': () => router.push('/book'),
    u: () => usePreferences.getState().setUnits(usePreferences.getState().units === 'mm' ? 'inch' : 'mm'),
    '?': () => router.push('/settings'),
  });
}

/** Shown when a page failed to draw. Drafts are kept, so the page can be started again. */
export function ErrorBoundary({ error, retry }: ErrorBoundaryProps) {
  const theme = usePreferences((state) => state.theme);
  return (
    <ThemeProvider wanted={theme}>
      <Empty
        title="This page stumbled"
        action={<Button label="Open it again" onPress={() => void retry()} />}
      >{`What you typed is kept on this device. (${error.message})`}</Empty>
    </ThemeProvider>
  );
}

const useStyles = themed((c) =>
  StyleSheet.create({
    house: { flex: 1, width: '100%', minHeight: 0, backgroundColor: c.ground },
    wide: { flexDirection: 'row' },
    room: { flex: 1, minHeight: 0, minWidth: 0 },
    page: { flex: 1, minHeight: 0 },
  }),
);
