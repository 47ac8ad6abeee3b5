export { ForecastPage as default } from '../../areas/pages';
