export { FormsScreen } from './FormsScreen';
export { FormScreen } from './FormScreen';
export { MakeScreen } from './make/MakeScreen';
export { CutGearScreen } from './cut/CutGearScreen';
export { ProveScreen } from './prove/ProveScreen';
