import type { DrawerKind } from '@pike-stone/contract';
import { Choice } from '../../kit/Choice';
import { SideBySide } from '../../kit/SideBySide';
import { AddButton } from './AddButton';
import { Item } from './Item';
import { KindList, useListed } from './KindList';
import { KIND_OPTIONS } from './specs';

/** On a wide screen: the list of a kind, and the thing that is open beside it. */
export function DrawerPanes<K extends DrawerKind>({
  kind,
  id,
  onKind,
  onOpen,
}: {
  kind: K;
  id: string | null;
  onKind: (kind: DrawerKind) => void;
  onOpen: (id: string) => void;
}) {
  const { records } = useListed(kind);
  // Nothing was opened yet: the first stands beside the list.
  const opened = id ?? records[0]?.id ?? null;
  return (
    <SideBySide
      title="Drawer"
      head={<Choice says="In the drawer" value={kind} onChange={onKind} options={KIND_OPTIONS} />}
      list={<KindList key={kind} kind={kind} chosen={opened} onOpen={onOpen} />}
      footer={<AddButton kind={kind} />}
      item={opened && <Item key={`${kind}-${opened}`} kind={kind} id={opened} inPane />}
    />
  );
}
