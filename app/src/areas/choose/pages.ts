export { ChooseScreen } from './ChooseScreen';
export { CostScreen } from './cost/CostScreen';
