export { BookPage as default } from '../../areas/pages';
