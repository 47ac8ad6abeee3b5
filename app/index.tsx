import '@expo/metro-runtime';
import { registerRootComponent } from 'expo';
import { ExpoRoot } from 'expo-router';
import { ctx } from 'expo-router/_ctx';
import { listenForBack } from './src/kit/sheet-history';
import { begun } from './src/sync/begin';

listenForBack();

const Root = () => <ExpoRoot context={ctx} />;

// The frame that lies in the page stays until the first page can be drawn with what this device keeps.
void begun.then(() => registerRootComponent(Root));
