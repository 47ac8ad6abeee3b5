export { HonePage as default } from '../../areas/pages';
