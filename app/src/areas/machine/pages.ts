/** The pages about one machine, loaded together because they share most of their code. */
export { CheckScreen } from './check/CheckScreen';
export { DriveScreen } from './drive/DriveScreen';
export { InstrumentsScreen } from './instruments/InstrumentsScreen';
export { GearsScreen } from './gears/GearsScreen';
export { TrueSpeedScreen } from './measure/TrueSpeedScreen';
export { MovesScreen } from './moves/MovesScreen';
export { PlateScreen } from './plate/PlateScreen';
export { ReachScreen } from './reach/ReachScreen';
