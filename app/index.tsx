import '@expo/metro-runtime';
import { registerRootComponent } from 'expo';
import { ExpoRoot } from 'expo-router';
import { ctx } from 'expo-router/_ctx';
import { listenForBack } from './src/kit/sheet-history';
import { SWRConfig } from 'swr';
import { begun, keptCache } from './src/sync/begin';

listenForBack();

const TRY_AGAIN_MS = 5_000;
/** An answer is not asked for again within this time by a part that is drawn later; a write asks at once, ms. */
const FRESH_MS = 10_000;

/** The answers of the server stand above the pages, which the router may draw anew on the way back. */
const Root = () => (
  <SWRConfig value={{ provider: keptCache, errorRetryInterval: TRY_AGAIN_MS, dedupingInterval: FRESH_MS }}>
    <ExpoRoot context={ctx} />
  </SWRConfig>
);

// The frame that lies in the page stays until the first page can be drawn with what this device keeps.
void begun.then(() => registerRootComponent(Root));
