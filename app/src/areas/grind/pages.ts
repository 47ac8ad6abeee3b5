export { GrindScreen } from './GrindScreen';
export { BitScreen } from './BitScreen';
export { StepsScreen } from './steps/StepsScreen';
export { SetUpScreen } from './set-up/SetUpScreen';
export { RegrindScreen } from './RegrindScreen';
