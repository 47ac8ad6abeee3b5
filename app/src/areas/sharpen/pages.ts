export { WheelsScreen } from './wheels/WheelsScreen';
export { WheelScreen } from './wheels/WheelScreen';
