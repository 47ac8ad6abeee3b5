/** What belongs to a cut and is not its first page: one piece. */
export { Choosers } from './Choosers';
export { EditOther } from './EditOther';
export { MoreSketch } from './sketch/MoreSketch';
export { LogScreen } from './LogScreen';
export { ForecastScreen } from './forecast/ForecastScreen';
export { PacerScreen } from './pacer/PacerScreen';
export { ThreadScreen } from './thread/ThreadScreen';
export { AreaScreen } from './area/AreaScreen';
export { ToSizeScreen } from './to-size/ToSizeScreen';
