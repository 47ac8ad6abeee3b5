import type { MachineBody } from '@pike-stone/contract';
import { useLocalSearchParams } from 'expo-router';
import type { ComponentType } from 'react';
import { putBack, save, useRecords, type Shown } from '../../data/records';
import { useLeave } from '../../kit/back';
import { Loading } from '../../kit/Empty';
import { useUndo } from '../../kit/Undo';
import { NotHere } from '../NotHere';

export interface MachinePageProps {
  readonly record: Shown<'machines'>;
  /** Goes back to the page before, or to the machine when there is none. */
  readonly back: () => void;
}

/** A page about one machine of the drawer, named by the address. */
export function machinePage(Page: ComponentType<MachinePageProps>): ComponentType {
  return function OfMachine() {
    const { id } = useLocalSearchParams<{ id: string }>();
    const { records, loading, error } = useRecords('machines');
    const back = useLeave(`/drawer/machines/${id}`);
    const record = records.find((one) => one.id === id);
    if (record) return <Page key={id} record={record} back={back} />;
    if (loading || error) return <Loading error={error} />;
    return <NotHere />;
  };
}

/** Stores a changed machine and offers to undo it. False when the server refused it; the reason is then shown. */
export function useKeepMachine(
  record: Shown<'machines'>,
): (body: MachineBody, said: string, version?: number) => Promise<boolean> {
  const say = useUndo((state) => state.say);
  return async (body, said, version = record.version) => {
    const result = await save('machines', record.id, version, body, record.archived);
    if (result.sent === 'refused') {
      say(result.refusal.problem.fields?.[0]?.message ?? result.refusal.message);
      return false;
    }
    if (result.sent === 'unkept') {
      say(result.refusal.message);
      return false;
    }
    if (result.sent !== 'conflict') say(said, () => void putBack('machines', { ...record, version }));
    return true;
  };
}
