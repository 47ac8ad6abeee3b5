export { AreaPage as default } from '../../areas/pages';
