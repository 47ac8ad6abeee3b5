export { TrueSpeedPage as default } from '../../../../areas/pages';
