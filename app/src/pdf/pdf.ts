/** What makes PDF files, loaded as one: the maker of documents is larger than all pages together. */
export { labelsPdf } from './labels-pdf';
export { platePdf } from './plate-pdf';
