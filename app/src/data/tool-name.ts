import { useRecords } from './records';

/** What the tool of an id is called in the drawer. */
export function useToolName(): (id: string) => string {
  const { records } = useRecords('tools');
  return (id) => records.find((one) => one.id === id)?.body.name ?? 'a tool put away';
}
