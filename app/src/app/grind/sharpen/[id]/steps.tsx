export { EndStepsPage as default } from '../../../../areas/pages';
