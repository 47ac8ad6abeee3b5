export { WheelPage as default } from '../../../areas/pages';
