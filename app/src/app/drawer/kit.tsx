export { KitPage as default } from '../../areas/pages';
