export { GlossaryScreen } from './GlossaryScreen';
export { SettingsScreen } from './SettingsScreen';
export { FilesScreen } from './files/FilesScreen';
