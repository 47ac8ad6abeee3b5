import type { BitBody, GrindBody } from '@pike-stone/contract';
import { newId, save, useRecords } from '../../data/records';
import { useUndo } from '../../kit/Undo';
import { toolOfBit } from './tool-of-bit';
import type { Bit } from './use-bit';

/** Sessions at the grinder of a bit. */
export function useSessions(bitId: string): readonly GrindBody[] {
  const { records } = useRecords('grinds');
  return records.filter(({ archived, body }) => !archived && body.bitId === bitId).map(({ body }) => body);
}

/**
 * Keeps a bit as it was just ground: in hand, and as a tool of the drawer with its angles as measured,
 * so that every later cut knows them.
 *
 * @returns keeps it and answers with the id of its tool
 */
export function useKeepGround(bit: Bit, session: GrindBody | null): (body: BitBody) => string {
  const sessions = useSessions(bit.record.id);
  const { records: tools } = useRecords('tools');
  const say = useUndo((state) => state.say);
  return (body) => {
    const all = session
      ? [...sessions.filter(({ startedAt }) => startedAt !== session.startedAt), session]
      : sessions;
    const known = tools.find(({ id }) => id === body.toolId);
    const toolId = known?.id ?? newId();
    void save('tools', toolId, known?.version ?? 0, { ...known?.body, ...toolOfBit(body, all) });
    void save('bits', bit.record.id, bit.record.version, { ...body, toolId });
    say('In hand, and in the drawer with its angles.');
    return toolId;
  };
}
