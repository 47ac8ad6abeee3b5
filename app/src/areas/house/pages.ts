export { PairScreen } from './PairScreen';
export { NewerNotice } from './NewerNotice';
