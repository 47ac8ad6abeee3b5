import type { Body, DrawerKind } from '@pike-stone/contract';
import { TOOL_MATERIALS } from '@pike-stone/core';
import { useState } from 'react';
import { useRecords } from '../../data/records';
import { Loading } from '../../kit/Empty';
import { LoadingOrNotHere } from '../LoadingOrNotHere';
import { NotHere } from '../NotHere';
import { ItemForm } from './ItemForm';
import { specOf } from './specs';

interface ItemProps<K extends DrawerKind> {
  readonly kind: K;
  /** Of the record, or `new`. */
  readonly id: string;
  /** Which of the ready-made beginnings a new one starts from. */
  readonly type?: string | undefined;
  /** Id of the record that a new one copies. */
  readonly from?: string | undefined;
  /** What the edge of a new tool was found to be made of. */
  readonly edge?: string | undefined;
  /** It stands beside its list on a wide screen. */
  readonly inPane?: boolean;
}

/** One record of the drawer, or a new one, as a form. */
export function Item<K extends DrawerKind>({ kind, id, type, from, edge, inPane = false }: ItemProps<K>) {
  const { records, loading, error } = useRecords(kind);
  const { fresh } = specOf(kind);
  const record = records.find((one) => one.id === id) ?? null;
  // A form that was kept and stays open beside its list begins anew from what was kept.
  const [kept, setKept] = useState(0);
  if (id !== 'new')
    return record ? (
      <ItemForm
        key={`${kept} ${changedElsewhere(record.body)}`}
        kind={kind}
        record={record}
        body={record.body}
        draftKey={`${kind}/${id}`}
        inPane={inPane}
        onKept={() => setKept((times) => times + 1)}
      />
    ) : loading || error ? (
      <Loading error={error} />
    ) : (
      <NotHere />
    );
  const model = from ? records.find((one) => one.id === from)?.body : undefined;
  if (from && !model) return <LoadingOrNotHere loading={loading} error={error} />;
  return (
    <ItemForm
      kind={kind}
      record={null}
      body={
        model
          ? { ...model, name: `${model.name}, copy`.slice(0, 60), photo: undefined }
          : withEdge((fresh.find((one) => one.type === type) ?? fresh[0]!).body, edge)
      }
      draftKey={`${kind}/new/${from ?? type ?? edge ?? ''}`}
    />
  );
}

/** What the parts above the form change of a record: the form is opened anew with it. */
const changedElsewhere = (body: Body<DrawerKind>): string =>
  JSON.stringify(['dull' in body && body.dull, 'boxId' in body && body.boxId, 'photo' in body && body.photo]);

/** A new tool with the edge that was found; anything else as it is. */
function withEdge<B extends Body<DrawerKind>>(body: B, edge: string | undefined): B {
  const isEdge = TOOL_MATERIALS.some(({ key }) => key === edge);
  return isEdge && 'material' in body ? { ...body, material: edge } : body;
}
