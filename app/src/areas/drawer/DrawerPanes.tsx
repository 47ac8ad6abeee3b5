import type { DrawerKind } from '@pike-stone/contract';
import { Choice } from '../../kit/Choice';
import { SideBySide } from '../../kit/SideBySide';
import { AddButton } from './AddButton';
import { Item } from './Item';
import { KindList } from './KindList';
import { KIND_OPTIONS } from './specs';

/** The list of a kind, and the thing that is open beside it; on a phone that thing alone. */
export function DrawerPanes<K extends DrawerKind>({
  kind,
  id,
  onKind,
  onOpen,
  alone = false,
}: {
  kind: K;
  id: string | null;
  onKind: (kind: DrawerKind) => void;
  onOpen: (id: string) => void;
  alone?: boolean;
}) {
  return (
    <SideBySide
      title="Drawer"
      head={<Choice says="In the drawer" value={kind} onChange={onKind} options={KIND_OPTIONS} />}
      list={<KindList key={kind} kind={kind} chosen={id} onOpen={onOpen} />}
      footer={<AddButton kind={kind} />}
      item={id && <Item key={`${kind}-${id}`} kind={kind} id={id} inPane={!alone} />}
      alone={alone}
    />
  );
}
