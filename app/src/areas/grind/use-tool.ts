import type { BitBody, GrindBody, ToolBody } from '@pike-stone/contract';
import { useRef } from 'react';
import { usePrices } from '../../data/prices';
import { newId, save, useRecords } from '../../data/records';
import { enter, useStockLevels } from '../../data/stock-levels';
import { useUndo } from '../../kit/Undo';
import { groundStock } from './ground-stock';
import { toolOfBit } from './tool-of-bit';
import type { Bit } from './use-bit';

/** Sessions at the grinder of a bit. */
export function useSessions(bitId: string): readonly GrindBody[] {
  const { records } = useRecords('grinds');
  return records.filter(({ archived, body }) => !archived && body.bitId === bitId).map(({ body }) => body);
}

/** The tool of the drawer that a bit is. */
interface KeptTool {
  readonly id: string;
  readonly body: ToolBody;
}

/**
 * Keeps a bit as it was just ground: in hand, and as a tool of the drawer with its angles as measured,
 * so that every later cut knows them; what it is shorter by and the blank it is made of are counted.
 *
 * @param session  at the grinder; null when it was ground before
 * @returns keeps it and answers with its tool
 */
export function useKeepGround(bit: Bit, session: GrindBody | null): (body: BitBody) => KeptTool {
  const sessions = useSessions(bit.record.id);
  const { records: tools } = useRecords('tools');
  const { tallyOf } = useStockLevels();
  const prices = usePrices('turning-tool');
  const say = useUndo((state) => state.say);
  // A second press before the page has changed must not count the same grind twice.
  const kept = useRef<{ readonly version: number; readonly tool: KeptTool } | null>(null);
  return (body) => {
    if (kept.current?.version === bit.record.version) return kept.current.tool;
    const all = session
      ? [...sessions.filter(({ startedAt }) => startedAt !== session.startedAt), session]
      : sessions;
    const known = tools.find(({ id }) => id === body.toolId);
    const toolId = known?.id ?? newId();
    const tool = { ...known?.body, ...toolOfBit(body, all) };
    kept.current = { version: bit.record.version, tool: { id: toolId, body: tool } };
    void save('tools', toolId, known?.version ?? 0, tool);
    const happened = groundStock({
      toolId,
      bit: bit.body,
      lengthMm: body.blank.lengthMm,
      why: session?.why ?? null,
      tool: tallyOf('tools', toolId),
      blank: bit.body.blankId === null ? null : tallyOf('supplies', bit.body.blankId),
      prices,
    });
    for (const happening of happened) void enter(happening);
    void save('bits', bit.record.id, bit.record.version, { ...body, toolId });
    say('In hand, and in the drawer with its angles.');
    return kept.current.tool;
  };
}
