export { ChoosePage as default } from '../../areas/pages';
