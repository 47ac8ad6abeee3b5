export { InstrumentsPage as default } from '../../areas/pages';
