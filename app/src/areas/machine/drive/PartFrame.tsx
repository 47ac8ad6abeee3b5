import { View } from 'react-native';
import { Button } from '../../../kit/Button';
import { Panel } from '../../../kit/Panel';
import { TextBox } from '../../../kit/TextBox';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { type StageBody } from './drive-draft';

export interface PartProps<Part extends StageBody = StageBody> {
  readonly part: Part;
  readonly onSet: (part: StageBody) => void;
  readonly onRemove: (() => void) | null;
  readonly onClose: () => void;
}

/** Props of the panel of one kind of part. */
export type PartOf<K extends StageBody['kind']> = PartProps<Extract<StageBody, { kind: K }>>;

/** The panel around the fields of a part, with "Set" and "Take it out". */
export function PartFrame({
  title,
  onSet,
  onRemove,
  onClose,
  children,
}: {
  title: string;
  onSet: () => void;
  onRemove: (() => void) | null;
  onClose: () => void;
  children: React.ReactNode;
}) {
  return (
    <Panel
      title={title}
      onClose={onClose}
      footer={
        <>
          {onRemove && <Button label="Take it out" onPress={onRemove} />}
          <Button kind="main" label="Set" onPress={onSet} style={styles.grow} />
        </>
      }
    >
      <View style={styles.body}>{children}</View>
    </Panel>
  );
}

/** The field for the name of a part. */
export function NameBox({ name, onChange }: { name: string; onChange: (name: string) => void }) {
  const fault =
    name.trim() === ''
      ? 'Give the part a name.'
      : name.length > 20
        ? 'Keep the name of a part under 20 characters.'
        : undefined;
  return (
    <TextBox label="Name, as it stands in the speed table" value={name} onChange={onChange} fault={fault} />
  );
}

export const nameFits = (name: string): boolean => name.trim() !== '' && name.length <= 20;

const styles = sheet({
  grow: { flex: 1 },
  body: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
});
