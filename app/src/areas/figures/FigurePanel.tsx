import { useState, type ReactNode } from 'react';
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
  before,
  children,
  check,
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
  /** What is chosen above the figures, and below them. */
  before?: ReactNode;
  children?: ReactNode;
  /** Why figures that can each be used do not go together; null when they do. */
  check?: (figures: Figures<Key>) => string | null;
  onSet: (figures: Figures<Key>) => void;
  onClose: () => void;
}) {
  const figures = useFigures(fields);
  const [fault, setFault] = useState<string | null>(null);
  const take = () => {
    const read = figures.take();
    if (!read) return;
    const wrong = check?.(read) ?? null;
    setFault(wrong);
    if (wrong !== null) return;
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
        {before}
        {figures.boxes}
        {fault && <Words role="fault">{fault}</Words>}
        {children}
      </View>
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  body: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
});
