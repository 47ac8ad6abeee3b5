export { FilesPage as default } from '../areas/pages';
