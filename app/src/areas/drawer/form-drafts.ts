import { upgraded } from '@pike-stone/contract';
import { draftsNamed } from '../../data/drafts';
import type { Raw } from './form-spec';

/** What stands in the fields, and the version of the record it was typed over. */
export interface FormDraft {
  readonly version: number;
  readonly raw: Raw;
}

/** Forms that were begun and not saved. */
export const useFormDrafts = draftsNamed<FormDraft>('pike-form-drafts', ({ version, raw }, key) => {
  if (!key.startsWith('tools/')) return { version, raw };
  const tool: Raw = { ...raw, ...Object(upgraded('tools', raw)) };
  // A choice stands in its field as text.
  return {
    version,
    raw: 'threadAngleDeg' in tool ? { ...tool, threadAngleDeg: String(tool.threadAngleDeg) } : tool,
  };
});
