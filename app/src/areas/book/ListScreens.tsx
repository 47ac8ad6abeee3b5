import { useRouter } from 'expo-router';
import { MEASURE_NAMES, saySetting } from '@pike-stone/words/learn';
import type { ReactNode } from 'react';
import { useUnits } from '../../data/preferences';
import { useRecords, type Shown } from '../../data/records';
import { useToolName } from '../../data/tool-name';
import { Button } from '../../kit/Button';
import { dayOf } from '../../kit/day';
import { Empty, Loading } from '../../kit/Empty';
import { Row } from '../../kit/Row';
import { Screen, Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { SetAsideNote } from '../house/SetAsideNote';
import { RunRow } from '../learn/run/RunRow';
import { BookParts, type BookPart } from './BookParts';

type Listed = 'runs' | 'comparisons' | 'proven';

/** A part of the book that is a list, the newest first. */
function ListOf<K extends Listed>({
  kind,
  part,
  empty,
  row,
}: {
  kind: K;
  part: BookPart;
  empty: { readonly title: string; readonly about: string };
  row: (record: Shown<K>) => ReactNode;
}) {
  const router = useRouter();
  const { records, aside, loading, error } = useRecords(kind);
  const shown = records.filter(({ archived }) => !archived);
  return (
    <Screen title="Book">
      <BookParts of={part} />
      <SetAsideNote aside={aside} />
      {shown.length > 0 ? (
        <Sheet>{shown.map(row)}</Sheet>
      ) : loading ? (
        <Loading error={error} />
      ) : (
        <Empty title={empty.title} action={<Button label="Go to Cut" onPress={() => router.push('/cut')} />}>
          {empty.about}
        </Empty>
      )}
    </Screen>
  );
}

/** Runs of trials. */
export function RunsScreen() {
  const router = useRouter();
  const units = useUnits();
  return (
    <ListOf
      kind="runs"
      part="/book/runs"
      empty={{
        title: 'No run yet',
        about: 'Set a cut up, then touch Work up: trials, one change at a time, until the goal is met.',
      }}
      row={(record) => (
        <RunRow
          key={record.id}
          record={record}
          units={units}
          onPress={() => router.push(`/book/runs/${record.id}`)}
        />
      )}
    />
  );
}

/** Comparisons of two. */
export function ComparisonsScreen() {
  const router = useRouter();
  const nameOf = useToolName();
  return (
    <ListOf
      kind="comparisons"
      part="/book/comparisons"
      empty={{
        title: 'Nothing compared yet',
        about: 'Set a cut up, then touch Compare two: tools, fluids or settings under the same cut.',
      }}
      row={({ id, body, waiting }) => (
        <Row
          key={id}
          title={
            body.what === 'tool'
              ? `${nameOf(body.a.toolId)} or ${nameOf(body.b.toolId)}`
              : `${body.name}, two ${body.what}s`
          }
          about={`${MEASURE_NAMES[body.measure]}, ${body.name}, ${dayOf(body.startedAt)}`}
          waiting={waiting}
          aside={<Words role="label">{`${body.readings.length} readings`}</Words>}
          onPress={() => router.push(`/book/comparisons/${id}`)}
        />
      )}
    />
  );
}

/** Proven settings. */
export function ProvenListScreen() {
  const router = useRouter();
  const units = useUnits();
  return (
    <ListOf
      kind="proven"
      part="/book/proven"
      empty={{
        title: 'Nothing kept yet',
        about: 'A cut that worked can be kept from its page in the book: it is found first next time.',
      }}
      row={({ id, body, waiting }) => (
        <Row
          key={id}
          title={`${body.name}, ${body.names.machine}`}
          about={`${saySetting(body.set, body.cut, units)}, ${body.names.tool}`}
          waiting={waiting}
          aside={<Words role="label">{dayOf(body.keptAt)}</Words>}
          onPress={() => router.push(`/book/proven/${id}`)}
        />
      )}
    />
  );
}
