import type { DrawerKind } from '@pike-stone/contract';
import { type MachineKind } from '@pike-stone/core';
import { MACHINE_WORDS } from '@pike-stone/words';
import { useLocalSearchParams, useRouter, type Href } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useMetals } from '../../data/metals';
import { newId, useRecords } from '../../data/records';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { Empty, Loading } from '../../kit/Empty';
import { Panel } from '../../kit/Panel';
import { Row } from '../../kit/Row';
import { Screen, Sheet } from '../../kit/Screen';
import { TextBox } from '../../kit/TextBox';
import { SPACE } from '../../theme/type';
import { isDrawerKind, KIND_SPECS, specOf } from './specs';

const MANY = 8;
const KIND_OPTIONS = Object.keys(KIND_SPECS)
  .filter(isDrawerKind)
  .map((value) => ({ value, label: KIND_SPECS[value].title }));

/** The drawer: machines, stock, tools and metals, one list at a time. */
export function DrawerScreen() {
  const { kind: asked } = useLocalSearchParams<{ kind?: string }>();
  const router = useRouter();
  const kind = isDrawerKind(asked) ? asked : 'machines';
  const [adding, setAdding] = useState(false);
  const [fresh] = KIND_SPECS[kind].fresh;
  return (
    <Screen
      title="Drawer"
      footer={
        <Button
          kind="main"
          label={kind === 'machines' ? 'Add a machine' : fresh!.label}
          onPress={() =>
            kind === 'machines' ? setAdding(true) : router.push(`/drawer/${kind}/new?type=${fresh!.type}`)
          }
          style={styles.fill}
        />
      }
    >
      <View style={styles.pad}>
        <Choice
          says="In the drawer"
          value={kind}
          onChange={(next) => router.setParams({ kind: next })}
          options={KIND_OPTIONS}
        />
      </View>
      <KindList key={kind} kind={kind} />
      {adding && <AddMachine onClose={() => setAdding(false)} />}
    </Screen>
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

function KindList<K extends DrawerKind>({ kind }: { kind: K }) {
  const router = useRouter();
  const { records, loading, error } = useRecords(kind);
  const metals = useMetals();
  const [wanted, setWanted] = useState('');
  const [archived, setArchived] = useState(false);
  const spec = specOf(kind);
  if (loading || (error && records.length === 0)) return <Loading error={error} />;
  const put = records.filter((record) => record.archived).length;
  const shown = records
    .filter(
      (record) =>
        record.archived === archived
        && `${record.body.name} ${spec.about(record.body, metals)}`
          .toLowerCase()
          .includes(wanted.trim().toLowerCase()),
    )
    .sort((a, b) => a.body.name.localeCompare(b.body.name, 'en', { numeric: true }));
  return (
    <>
      {records.length > MANY && (
        <View style={styles.pad}>
          <TextBox label="Find" hideLabel value={wanted} onChange={setWanted} placeholder="Find" />
        </View>
      )}
      {shown.length === 0 ? (
        <Empty
          title={wanted ? 'Nothing with that word' : archived ? 'Nothing put away' : `No ${spec.one} yet`}
        >
          {wanted ? 'Try a part of it.' : 'Add one below; then it can be chosen in Cut.'}
        </Empty>
      ) : (
        <Sheet>
          {shown.map((record) => (
            <Row
              key={record.id}
              title={record.body.name}
              about={spec.about(record.body, metals)}
              waiting={record.waiting}
              quiet={archived}
              onPress={() => router.push(`/drawer/${kind}/${record.id}`)}
            />
          ))}
        </Sheet>
      )}
      {!archived && <Onward kind={kind} />}
      {(put > 0 || archived) && (
        <View style={styles.pad}>
          <Button
            kind="plain"
            label={archived ? 'Back to those in use' : `Show ${put} put away`}
            onPress={() => setArchived(!archived)}
          />
        </View>
      )}
    </>
  );
}

const LABELS = (kind: DrawerKind) => ({
  title: 'Labels',
  about: 'to print, each with a code that opens it',
  to: `/drawer/labels?kind=${kind}`,
});
const AS_FILE = (kind: DrawerKind) => ({
  title: 'As a file',
  about: 'CSV, out and in',
  to: `/drawer/file?kind=${kind}`,
});

/** Pages that belong to a kind of thing in the drawer. */
const ONWARD: Readonly<
  Record<DrawerKind, readonly { readonly title: string; readonly about: string; readonly to: string }[]>
> = {
  machines: [
    {
      title: 'Instruments',
      about: 'caliper, balance, ammeter, angle gauge at the shop’s computer',
      to: '/drawer/instruments',
    },
    { title: 'Starting kit', about: 'what to buy first, and what to grind instead', to: '/drawer/kit' },
  ],
  tools: [
    {
      title: 'What is this cutter?',
      about: 'an unmarked one: weigh, magnet, stone, spark',
      to: '/drawer/identify',
    },
    LABELS('tools'),
    AS_FILE('tools'),
  ],
  supplies: [
    { title: 'Metal welded on an edge', about: 'whether it is worth saving, and how', to: '/drawer/rescue' },
    LABELS('supplies'),
    AS_FILE('supplies'),
  ],
  stock: [AS_FILE('stock')],
  metals: [],
};

function Onward({ kind }: { kind: DrawerKind }) {
  const router = useRouter();
  if (ONWARD[kind].length === 0) return null;
  return (
    <Sheet>
      {ONWARD[kind].map(({ title, about, to }) => (
        <Row key={to} title={title} about={about} onPress={() => router.push(to as Href)} />
      ))}
    </Sheet>
  );
}

const MACHINE_KINDS = (Object.keys(MACHINE_WORDS) as MachineKind[]).map((value) => ({
  value,
  label: MACHINE_WORDS[value].charAt(0).toUpperCase() + MACHINE_WORDS[value].slice(1),
}));

const styles = StyleSheet.create({
  add: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.near },
  fill: { flex: 1 },
  pad: { paddingHorizontal: SPACE.edge },
});
