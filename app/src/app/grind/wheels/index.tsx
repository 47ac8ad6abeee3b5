export { WheelsPage as default } from '../../../areas/pages';
