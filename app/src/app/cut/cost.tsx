export { CostPage as default } from '../../areas/pages';
