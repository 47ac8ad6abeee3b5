export { GrindPage as default } from '../../areas/pages';
