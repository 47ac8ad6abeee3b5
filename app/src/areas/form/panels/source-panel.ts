import type { FormSource } from '@pike-stone/core/form';
import type { Form } from '../use-form';

/** What a panel about one kind of source is given. */
export interface SourcePanelProps<K extends FormSource['kind'] = FormSource['kind']> {
  readonly form: Form;
  readonly source: Extract<FormSource, { kind: K }>;
  readonly onClose: () => void;
}
