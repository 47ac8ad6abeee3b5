export { ChooseScreen } from './ChooseScreen';
export { CostScreen } from './cost/CostScreen';
export { KitScreen } from './kit/KitScreen';
