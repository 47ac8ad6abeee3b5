export { FormsScreen } from './FormsScreen';
export { FormScreen } from './FormScreen';
