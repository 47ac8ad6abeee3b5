export { DrivePage as default } from '../../../../areas/pages';
