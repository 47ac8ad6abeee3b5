import { useLocalSearchParams, useRouter } from 'expo-router';
import { useWide } from '../../theme/theme';
import { DrawerPanes } from './DrawerPanes';
import { NotHere } from '../NotHere';
import { Item } from './Item';
import { isDrawerKind } from './specs';

/** One record of the drawer: on a phone its page, on a wide screen beside its list. */
export function ItemScreen() {
  const { kind, id, type, from, edge } = useLocalSearchParams<{
    kind: string;
    id: string;
    type?: string;
    from?: string;
    edge?: string;
  }>();
  const wide = useWide();
  const router = useRouter();
  if (!isDrawerKind(kind)) return <NotHere />;
  if (id !== 'new')
    return (
      <DrawerPanes
        kind={kind}
        id={id}
        alone={!wide}
        onKind={(next) => router.replace(`/drawer?kind=${next}`)}
        onOpen={(open) => router.replace(`/drawer/${kind}/${open}`)}
      />
    );
  return (
    <Item
      key={`${kind}-${from ?? ''}-${type ?? ''}-${edge ?? ''}`}
      kind={kind}
      id={id}
      type={type}
      from={from}
      edge={edge}
    />
  );
}
