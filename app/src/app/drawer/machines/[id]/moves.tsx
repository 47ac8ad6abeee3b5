export { MovesPage as default } from '../../../../areas/pages';
