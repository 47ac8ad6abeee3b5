import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Button } from '../../kit/Button';
import { Panel } from '../../kit/Panel';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { useFigures, type FigureField, type Figures } from './useFigures';

/** Asks for a few figures, and closes once all of them can be used. */
export function FigurePanel<Key extends string>({
  title,
  fields,
  about,
  set = 'Set',
  other,
  onSet,
  onClose,
}: {
  title: string;
  fields: readonly FigureField<Key>[];
  about?: string;
  /** What the main button says. */
  set?: string;
  /** Another button beside it. */
  other?: ReactNode;
  onSet: (figures: Figures<Key>) => void;
  onClose: () => void;
}) {
  const figures = useFigures(fields);
  const take = () => {
    const read = figures.take();
    if (!read) return;
    onSet(read);
    onClose();
  };
  return (
    <Panel
      title={title}
      onClose={onClose}
      footer={
        <>
          {other}
          <Button kind="main" label={set} onPress={take} style={styles.grow} />
        </>
      }
    >
      <View style={styles.body}>
        {about && <Words role="note">{about}</Words>}
        {figures.boxes}
      </View>
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  body: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
});
