export { BitSetUpPage as default } from '../../../areas/pages';
