export { BookScreen } from './BookScreen';
export { ChartsScreen } from './ChartsScreen';
export { EntryScreen } from './EntryScreen';
export { ComparisonsScreen, ProvenListScreen, RunsScreen } from './ListScreens';
export { SideBySideScreen } from './SideBySideScreen';
