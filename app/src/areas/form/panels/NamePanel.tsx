import { formBody } from '@pike-stone/contract/later';
import { NameAndNote } from '../../figures/NameAndNote';
import type { Form } from '../use-form';

const NAMED = formBody.pick({ name: true, note: true });

/** What a form cutter is called, and a note; and putting it away. */
export function NamePanel({ form, onClose }: { form: Form; onClose: () => void }) {
  const { body, record } = form;
  return (
    <NameAndNote
      kind="forms"
      record={record}
      fields={[
        { key: 'name', label: 'Name', start: body.name },
        { key: 'note', label: 'Note', start: body.note, lines: 3 },
      ]}
      read={(typed) => NAMED.safeParse(typed)}
      onSet={(read) => form.change(read, 'Kept.')}
      list="/grind/forms"
      onClose={onClose}
    />
  );
}
