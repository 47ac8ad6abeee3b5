import type { DrawerKind } from '@pike-stone/contract';
import { useLocalSearchParams, useRouter, type Href } from 'expo-router';
import { View } from 'react-native';
import { useMemo } from 'react';
import { useMetals } from '../../data/metals';
import { usePages, type Narrowed } from '../../data/pages';
import { useRecords } from '../../data/records';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { Empty, Loading } from '../../kit/Empty';
import { MoreBelow } from '../../kit/MoreBelow';
import { Row } from '../../kit/Row';
import { Sheet } from '../../kit/Screen';
import { TextBox } from '../../kit/TextBox';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { SetAsideNote } from '../house/SetAsideNote';
import { filtersOf } from './filters';
import { specOf } from './specs';

const MANY = 8;

/** The things of one kind that the address asks for: a word, a filter, put away or not. */
export function useListed<K extends DrawerKind>(kind: K) {
  const { q = '', only, away } = useLocalSearchParams<{ q?: string; only?: string; away?: string }>();
  const archived = away === '1';
  const filters = filtersOf(kind);
  const filter = filters.find(({ value }) => value === only);
  const narrowed = useMemo(
    (): Narrowed => ({ q, archived, kinds: filter?.kinds, dull: filter?.dull, order: 'name' }),
    [q, archived, filter],
  );
  return { q, archived, filters, filter, ...usePages(kind, narrowed) };
}

/** The things of one kind as a list, and what it is narrowed by. */
export function KindList<K extends DrawerKind>({
  kind,
  chosen = null,
  onOpen,
}: {
  kind: K;
  /** Id of the one that is open beside it. */
  chosen?: string | null;
  onOpen: (id: string) => void;
}) {
  const router = useRouter();
  const metals = useMetals();
  const {
    q,
    archived,
    filters,
    filter,
    records: shown,
    aside,
    loading,
    error,
    hasMore,
    more,
  } = useListed(kind);
  // What this device has of the kind, to know whether there is anything to be narrowed.
  const { records } = useRecords(kind);
  const spec = specOf(kind);
  if (loading || (error && records.length === 0)) return <Loading error={error} />;
  const put = records.filter((record) => record.archived).length;
  return (
    <>
      {records.length > MANY && (
        <View style={styles.pad}>
          <TextBox
            label="Find"
            hideLabel
            value={q}
            onChange={(text) => router.setParams({ q: text || undefined })}
            placeholder="Find"
          />
          {filters.length > 0 && (
            <Choice
              says="Show"
              value={filter?.value ?? 'all'}
              onChange={(value) => router.setParams({ only: value === 'all' ? undefined : value })}
              options={[{ value: 'all', label: 'All' }, ...filters]}
            />
          )}
        </View>
      )}
      <SetAsideNote aside={aside} />
      {shown.length === 0 ? (
        <Empty
          title={q || filter ? 'Nothing like that' : archived ? 'Nothing put away' : `No ${spec.one} yet`}
        >
          {q || filter
            ? 'Try the beginning of a word, or show all.'
            : 'Add one below; then it can be chosen in Cut.'}
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
              chosen={record.id === chosen}
              onPress={() => onOpen(record.id)}
            />
          ))}
          <MoreBelow hasMore={hasMore} more={more} />
        </Sheet>
      )}
      {!archived && <Onward kind={kind} />}
      {(put > 0 || archived) && (
        <View style={styles.pad}>
          <Button
            kind="plain"
            label={archived ? 'Back to those in use' : `Show ${put} put away`}
            onPress={() => router.setParams({ away: archived ? undefined : '1' })}
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

const styles = sheet({ pad: { paddingHorizontal: SPACE.edge, gap: SPACE.close } });
