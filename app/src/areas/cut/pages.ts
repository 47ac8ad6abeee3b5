/** The pages of a cut other than its first, loaded together. */
export { Choosers } from './Choosers';
export { EditDimension } from './EditDimension';
export { QuickScreen } from './quick/QuickScreen';
export { RefusedBench } from './RefusedBench';
export { Working } from './Working';
export { WorkingScreen } from './WorkingScreen';
export { MoreSketch } from './sketch/MoreSketch';
export { HowSure } from './HowSure';
export { ForecastScreen } from './forecast/ForecastScreen';
export { PacerScreen } from './pacer/PacerScreen';
export { ThreadScreen } from './thread/ThreadScreen';
export { AreaScreen } from './area/AreaScreen';
export { ToSizeScreen } from './to-size/ToSizeScreen';
