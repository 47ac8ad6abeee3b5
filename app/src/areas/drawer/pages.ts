export { DrawerScreen } from './DrawerScreen';
export { ItemScreen } from './ItemScreen';
