export { PacerPage as default } from '../../areas/pages';
