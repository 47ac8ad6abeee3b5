export { HeatPage as default } from '../../areas/pages';
