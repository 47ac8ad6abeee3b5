export { ThreadPage as default } from '../../areas/pages';
