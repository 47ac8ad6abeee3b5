/** What makes PDF files and drawings, loaded as one: the makers of documents are larger than all pages together. */
export { labelsPdf } from './labels-pdf';
export { platePdf } from './plate-pdf';
export { bitDxf } from './bit-dxf';
export { bitPdf } from './bit-pdf';
export { templateDxf, templatePdf } from './form-template';
