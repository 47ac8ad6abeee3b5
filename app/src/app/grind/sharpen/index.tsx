export { SharpenPage as default } from '../../../areas/pages';
