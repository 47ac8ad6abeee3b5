export { QuickPage as default } from '../../areas/pages';
