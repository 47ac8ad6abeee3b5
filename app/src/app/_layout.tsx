import { Slot, usePathname, useRouter, type ErrorBoundaryProps } from 'expo-router';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { followOtherTabs } from '../sync/begin';
import { usePreferences } from '../data/preferences';
import { bringLists, showSaved } from '../data/records';
import { useSending } from '../data/sending';
import { untilQuiet } from '../sync/reading';
import { useSession } from '../sync/session';
import { useShopCache } from '../sync/shop-cache';
import { endPictures, keepPictures } from '../frame/keep-picture';
import { Button } from '../kit/Button';
import { Empty } from '../kit/Empty';
import { useKeys, useKeysOn } from '../kit/keys';
import { useMoves } from '../areas/house/useMoves';
import { Notices } from '../areas/house/Notices';
import { laterPage, laterPages, quietPart } from '../areas/later-part';
import { SizeTypingContext } from '../kit/size-typing';
import { bringTheRest } from '../kit/later';
import { Navigation } from '../kit/Navigation';
import { UndoBar } from '../kit/Undo';
import { sheet } from '../theme/sheet';
import { ThemeProvider, themed, useRail } from '../theme/theme';

const NewerNotice = quietPart('NewerNotice');
const PairPage = laterPage('PairScreen');

export default function Layout() {
  const preferences = usePreferences();
  return (
    <ThemeProvider wanted={preferences.theme}>
      <SizeTypingContext value={preferences}>
        <House />
      </SizeTypingContext>
    </ThemeProvider>
  );
}

function House() {
  const styles = useStyles();
  const rail = useRail();
  // At the grinder one step fills the screen.
  const { needsCode } = useSession();
  const bare = usePathname().endsWith('/steps') || needsCode;
  useShopCache();
  const rested = useTheRest();
  useSending();
  useEffect(() => followOtherTabs(({ kind, record }) => showSaved(kind, record)), []);
  useHouseKeys();
  useKeysOn(usePreferences((state) => state.shortcuts));
  useMoves();
  useEffect(keepPictures, []);
  useEffect(() => {
    if (needsCode) endPictures();
  }, [needsCode]);
  return (
    <View style={[styles.house, rail && styles.beside]}>
      {rail && !bare && <Navigation rail />}
      <View style={styles.room}>
        <Notices />
        {rested && <NewerNotice />}
        {needsCode && (
          <View style={styles.page} role="main">
            <PairPage />
          </View>
        )}
        {/* The page stays behind it, so that its address is the one that opens once the device is in. */}
        <View style={needsCode ? styles.behind : styles.page} role={needsCode ? 'none' : 'main'}>
          <Slot />
        </View>
        <UndoBar />
      </View>
      {!rail && !bare && <Navigation />}
    </View>
  );
}

/** Loads the other pages and lists once the first page has what it shows; true from then on. */
function useTheRest(): boolean {
  const { data: session } = useSession();
  const [rested, setRested] = useState(false);
  const isIn = session !== undefined;
  useEffect(() => {
    if (!isIn) return;
    let left = false;
    void untilQuiet().then(() => {
      if (left) return;
      setRested(true);
      bringTheRest();
      void laterPages().then(bringLists, () => undefined);
    });
    return () => {
      left = true;
    };
  }, [isIn]);
  return rested;
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
  sheet({
    house: { flex: 1, width: '100%', minHeight: 0, backgroundColor: c.ground },
    beside: { flexDirection: 'row' },
    room: { flex: 1, minHeight: 0, minWidth: 0 },
    page: { flex: 1, minHeight: 0 },
    behind: { display: 'none' },
  }),
);
