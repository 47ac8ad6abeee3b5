export { SettingsPage as default } from '../areas/pages';
