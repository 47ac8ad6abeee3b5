import { draftsNamed } from '../../data/drafts';
import type { Raw } from './form-spec';

/** What stands in the fields, and the version of the record it was typed over. */
export interface FormDraft {
  readonly version: number;
  readonly raw: Raw;
}

/** Forms that were begun and not saved. */
export const useFormDrafts = draftsNamed<FormDraft>('pike-form-drafts');
