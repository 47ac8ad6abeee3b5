export { ItemPage as default } from '../../../areas/pages';
