import '@expo/metro-runtime';
import { registerRootComponent } from 'expo';
import { ExpoRoot } from 'expo-router';
import { ctx } from 'expo-router/_ctx';
import { begun } from './src/sync/begin';

const Root = () => <ExpoRoot context={ctx} />;

// The frame that lies in the page stays until the first page can be drawn with what this device keeps.
void begun.then(() => registerRootComponent(Root));
