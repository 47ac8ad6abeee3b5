export { DrawerPage as default } from '../../areas/pages';
