import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { Choice } from '../../kit/Choice';
import { Screen } from '../../kit/Screen';
import { sheet } from '../../theme/sheet';
import { useWide } from '../../theme/theme';
import { SPACE } from '../../theme/type';
import { AddButton } from './AddButton';
import { DrawerPanes } from './DrawerPanes';
import { KindList, useListed } from './KindList';
import { isDrawerKind, KIND_OPTIONS } from './specs';

/** The drawer: machines, stock, tools, stores and metals, one list at a time; on a wide screen what is open stands beside it. */
export function DrawerScreen() {
  const { kind: asked, id } = useLocalSearchParams<{ kind?: string; id?: string }>();
  const router = useRouter();
  const wide = useWide();
  const kind = isDrawerKind(asked) ? asked : 'machines';
  const { records } = useListed(kind);
  const change = (next: string) =>
    router.setParams({ kind: next, id: undefined, q: undefined, only: undefined, away: undefined });
  if (wide)
    return (
      <DrawerPanes
        kind={kind}
        // Nothing was opened yet: the first stands beside the list.
        id={id ?? records[0]?.id ?? null}
        onKind={change}
        onOpen={(open) => router.setParams({ id: open })}
      />
    );
  return (
    <Screen title="Drawer" footer={<AddButton kind={kind} />}>
      <View style={styles.pad}>
        <Choice says="In the drawer" value={kind} onChange={change} options={KIND_OPTIONS} />
      </View>
      <KindList key={kind} kind={kind} onOpen={(open) => router.push(`/drawer/${kind}/${open}`)} />
    </Screen>
  );
}

const styles = sheet({ pad: { paddingHorizontal: SPACE.edge } });
