export { DrawerScreen } from './DrawerScreen';
export { LowStores } from './stores/LowStores';
export { ToolWear } from './stores/ToolWear';
export { ItemScreen } from './ItemScreen';
export { IdentifyScreen } from './identify/IdentifyScreen';
export { RescueScreen } from './rescue/RescueScreen';
export { CsvScreen } from './csv/CsvScreen';
export { LabelsScreen } from './labels/LabelsScreen';
