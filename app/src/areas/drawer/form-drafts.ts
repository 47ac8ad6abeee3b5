import { upgraded } from '@pike-stone/contract';
import { draftsNamed } from '../../data/drafts';
import type { Raw } from './form-spec';

/** Contents of a form, and the version of the record it was opened from. */
export interface FormDraft {
  readonly version: number;
  readonly raw: Raw;
}

/** Forms that were begun and not saved. */
export const useFormDrafts = draftsNamed<FormDraft>('pike-form-drafts', ({ version, raw }, key) => {
  if (!key.startsWith('tools/')) return { version, raw };
  const tool: Raw = { ...raw, ...Object(upgraded('tools', raw)) };
  // The value of a choice is text in its field.
  return {
    version,
    raw: 'threadAngleDeg' in tool ? { ...tool, threadAngleDeg: String(tool.threadAngleDeg) } : tool,
  };
});
