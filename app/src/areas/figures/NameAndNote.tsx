import type { Kind } from '@pike-stone/contract';
import { useRouter, type Href } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import type { ZodSafeParseResult } from 'zod';
import { putBack, save, type Shown } from '../../data/records';
import { Button } from '../../kit/Button';
import { Panel } from '../../kit/Panel';
import { TextBox } from '../../kit/TextBox';
import { useUndo } from '../../kit/Undo';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';

interface NameAndNoteProps<K extends Kind, Field extends string, Read> {
  readonly kind: K;
  readonly record: Shown<K>;
  readonly fields: readonly {
    readonly key: Field;
    readonly label: string;
    readonly start: string;
    readonly lines?: number;
  }[];
  /** What was typed as the record keeps it, or the faults by field. */
  readonly read: (typed: Readonly<Record<Field, string>>) => ZodSafeParseResult<Read>;
  readonly onSet: (read: Read) => void;
  /** The list that is shown once it is put away. */
  readonly list: Href;
  readonly onClose: () => void;
  readonly children?: ReactNode;
}

/** What a thing of the shop is called, a note on it, and putting it away. */
export function NameAndNote<K extends Kind, Field extends string, Read>({
  kind,
  record,
  fields,
  read,
  onSet,
  list,
  onClose,
  children,
}: NameAndNoteProps<K, Field, Read>) {
  const router = useRouter();
  const say = useUndo((state) => state.say);
  const [typed, setTyped] = useState(
    () => Object.fromEntries(fields.map(({ key, start }) => [key, start])) as Record<Field, string>,
  );
  const result = read(typed);
  const set = () => {
    if (!result.success) return;
    onSet(result.data);
    onClose();
  };
  const putAway = () => {
    void save(kind, record.id, record.version, record.body, true);
    say('Put away.', () => void putBack(kind, record));
    router.replace(list);
  };
  return (
    <Panel
      title="Name and note"
      onClose={onClose}
      footer={
        <>
          <Button label="Put it away" onPress={putAway} />
          <Button kind="main" label="Set" onPress={set} style={styles.grow} />
        </>
      }
    >
      <View style={styles.pad}>
        {fields.map(({ key, label, lines }) => (
          <TextBox
            key={key}
            label={label}
            lines={lines}
            value={typed[key]}
            onChange={(text) => setTyped({ ...typed, [key]: text })}
            fault={result.error?.issues.find(({ path }) => path[0] === key)?.message}
          />
        ))}
        {children}
      </View>
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  pad: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
});
