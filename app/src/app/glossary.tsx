export { GlossaryPage as default } from '../areas/pages';
