export { CsvPage as default } from '../../areas/pages';
