export { WorkingPage as default } from '../../areas/pages';
