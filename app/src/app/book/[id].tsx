export { EntryPage as default } from '../../areas/pages';
