export { RoundPage as default } from '../../areas/pages';
