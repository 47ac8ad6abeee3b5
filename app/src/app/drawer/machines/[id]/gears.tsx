export { GearsPage as default } from '../../../../areas/pages';
