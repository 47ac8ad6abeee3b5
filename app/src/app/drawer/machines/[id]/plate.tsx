export { PlatePage as default } from '../../../../areas/pages';
