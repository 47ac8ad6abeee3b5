import { bitBody } from '@pike-stone/contract/later';
import { Button } from '../../../kit/Button';
import { NameAndNote } from '../../figures/NameAndNote';
import type { Bit } from '../use-bit';

/** What a bit is called, where it lives, a note; and putting it away. */
export function NamePanel({ bit, onClose }: { bit: Bit; onClose: () => void }) {
  const { body, record } = bit;
  return (
    <NameAndNote
      kind="bits"
      record={record}
      fields={[
        { key: 'name', label: 'Name', start: body.name },
        { key: 'place', label: 'Where it lives', start: body.place ?? '' },
        { key: 'note', label: 'Note', start: body.note },
      ]}
      read={({ name, place, note }) =>
        bitBody.safeParse({ ...body, name, place: place.trim() || undefined, note })
      }
      onSet={({ name, place, note }) => bit.change({ name, place, note }, 'Kept.')}
      list="/grind"
      onClose={onClose}
    >
      {body.state === 'ground' && (
        <Button
          label="It is dull"
          onPress={() => {
            bit.change({ state: 'dull' }, 'Dull: it stands among those to be ground.');
            onClose();
          }}
        />
      )}
    </NameAndNote>
  );
}
