export { ReachPage as default } from '../../../../areas/pages';
