export { BitPage as default } from '../../../areas/pages';
