export { IdentifyPage as default } from '../../areas/pages';
