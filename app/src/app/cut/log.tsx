export { LogPage as default } from '../../areas/pages';
