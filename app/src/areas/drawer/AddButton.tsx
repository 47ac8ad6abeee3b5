import type { DrawerKind } from '@pike-stone/contract';
import type { MachineKind } from '@pike-stone/core';
import { useRouter, type Href } from 'expo-router';
import { useState } from 'react';
import { create } from 'zustand';
import { View } from 'react-native';
import { newId } from '../../data/records';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { Panel } from '../../kit/Panel';
import { Row } from '../../kit/Row';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { MACHINE_KINDS } from '../machine/machine-kinds';
import { KIND_SPECS } from './specs';

/** Whether a machine is being added: kept outside the pages, because turning a phone shows another of them. */
const useAdding = create<{ readonly adding: boolean }>()(() => ({ adding: false }));
const setAdding = (adding: boolean): void => useAdding.setState({ adding });

/** Adds one of a kind; a machine is asked about first. */
export function AddButton({ kind }: { kind: DrawerKind }) {
  const router = useRouter();
  const { adding } = useAdding();
  const [fresh] = KIND_SPECS[kind].fresh;
  return (
    <>
      <Button
        kind="main"
        label={kind === 'machines' ? 'Add a machine' : fresh!.label}
        onPress={() =>
          kind === 'machines' ? setAdding(true) : router.push(`/drawer/${kind}/new?type=${fresh!.type}`)
        }
        style={styles.fill}
      />
      {adding && <AddMachine onClose={() => setAdding(false)} />}
    </>
  );
}

/** Asks which kind of machine is added, and how its speeds are known. */
function AddMachine({ onClose }: { onClose: () => void }) {
  const router = useRouter();
  const [kind, setKind] = useState<MachineKind>('lathe');
  const go = (address: string) => {
    onClose();
    router.push(address as Href);
  };
  return (
    <Panel title="Add a machine" onClose={onClose}>
      <View style={styles.add}>
        <Choice says="Kind of machine" value={kind} onChange={setKind} options={MACHINE_KINDS} />
      </View>
      <Row
        title="From its pulleys and gears"
        about="no plate, or a plate nobody trusts: draw the drive, the speeds follow"
        onPress={() => go(`/drawer/machines/${newId()}/drive?kind=${kind}`)}
      />
      <Row
        title="From its plate"
        about="type the speeds that stand on it"
        onPress={() => go(`/drawer/machines/new?type=${kind}`)}
      />
    </Panel>
  );
}

const styles = sheet({
  add: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.near },
  fill: { flex: 1 },
});
