export { LabelsPage as default } from '../../areas/pages';
