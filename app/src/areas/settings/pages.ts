export { GlossaryScreen } from './GlossaryScreen';
export { SettingsScreen } from './SettingsScreen';
