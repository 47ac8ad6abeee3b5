export { ToSizePage as default } from '../../areas/pages';
