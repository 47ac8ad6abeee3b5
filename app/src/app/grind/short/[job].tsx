export { ShortPage as default } from '../../../areas/pages';
