export { GrindScreen } from './GrindScreen';
export { BitScreen } from './BitScreen';
export { StepsScreen } from './steps/StepsScreen';
