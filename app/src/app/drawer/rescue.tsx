export { RescuePage as default } from '../../areas/pages';
