export { EndMillPage as default } from '../../../../areas/pages';
