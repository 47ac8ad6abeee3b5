export { AnglesScreen } from './AnglesScreen';
