export { CheckPage as default } from '../../../../areas/pages';
