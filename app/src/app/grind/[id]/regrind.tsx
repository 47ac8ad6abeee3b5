export { RegrindPage as default } from '../../../areas/pages';
