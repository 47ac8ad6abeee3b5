export { GrindStepsPage as default } from '../../../areas/pages';
