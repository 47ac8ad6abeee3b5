import type { Body, RoundBody, SharpeningBody, ToolBody } from '@pike-stone/contract';
import { regrindFor, volumeOffFace } from '@pike-stone/core/grind';
import { newId, putBack, save, type Shown } from '../../../data/records';
import { planOf } from '../../grind/bit-model';

type Job = RoundBody['groups'][number]['jobs'][number];

/** Tools and bits of a round of which every face is done. */
export function finishedItems({ groups, done }: RoundBody): readonly Job[] {
  const jobs = groups.flatMap((group) => group.jobs);
  const ids = [...new Set(jobs.map(({ itemId }) => itemId))];
  return ids.flatMap((id) => {
    const own = jobs.filter(({ itemId }) => itemId === id);
    return own.every(({ key }) => done.includes(key)) ? [own[0]!] : [];
  });
}

const what = ({ kind, material }: ToolBody): SharpeningBody['what'] => {
  if (kind === 'end-mill') return 'end-teeth';
  if (kind === 'drill' || kind === 'centre-drill') return 'drill';
  if (kind === 'fly-cutter') return 'fly-tip';
  return material === 'brazed-carbide' ? 'brazed' : 'tool-bit';
};

/** Wheel on which an item was ground first. */
const wheelOf = (round: RoundBody, id: string): string | null =>
  round.groups.find(({ wheelId, jobs }) => wheelId !== null && jobs.some(({ itemId }) => itemId === id))
    ?.wheelId ?? null;

/** Volume that a touch-up takes off a tool that is not drawn, mm3. */
const TYPICAL_MM3 = 20;

/** What undoes a write. */
type Undo = () => void;

/** Writes a new record; undone, it is put away. */
function add<K extends 'sharpenings' | 'grinds'>(kind: K, body: Body<K>): Undo {
  const id = newId();
  void save(kind, id, 0, body);
  return () => void save(kind, id, 1, body, true);
}

/** Changes a record; undone, it is put back. */
function change<K extends 'tools' | 'bits' | 'rounds'>(kind: K, record: Shown<K>, body: Body<K>): Undo {
  void save(kind, record.id, record.version, body);
  return () => void putBack(kind, record);
}

const finishTool = (round: RoundBody, tool: Shown<'tools'>, finishedAt: string): readonly Undo[] => [
  change('tools', tool, { ...tool.body, dull: false }),
  add('sharpenings', {
    name: tool.body.name,
    toolId: tool.id,
    what: what(tool.body),
    startedAt: round.startedAt,
    finishedAt,
    wheelId: wheelOf(round, tool.id),
    endTeeth: null,
    done: [],
    heightsMm: [],
    stockMm: 0,
    volumeMm3: TYPICAL_MM3,
    lengthAfterMm: null,
    diameterAfterMm: null,
    minutes: null,
    note: 'In a round.',
  }),
];

function finishBit(round: RoundBody, bit: Shown<'bits'>, finishedAt: string): readonly Undo[] {
  const regrind = regrindFor(planOf(bit.body), { wear: 'blunt', sizeMm: null });
  const { blank } = bit.body;
  const lengthMm = Math.max(5, blank.lengthMm - regrind.alongMm);
  return [
    change('bits', bit, { ...bit.body, state: 'ground', blank: { ...blank, lengthMm } }),
    add('grinds', {
      bitId: bit.id,
      startedAt: round.startedAt,
      finishedAt,
      why: 'regrind',
      wear: 'blunt',
      done: regrind.steps.map(({ key }) => key),
      readings: [],
      stockMm: regrind.alongMm,
      lengthAfterMm: lengthMm,
      noseRadiusMm: null,
      wheelId: wheelOf(round, bit.id),
      volumeMm3: volumeOffFace(blank, regrind.stockMm),
      note: 'In a round.',
    }),
  ];
}

/**
 * Ends a round: what is done is sharp and in the books, what is not stays dull. What was logged by its own
 * page meanwhile is sharp already and is left as it is.
 * @returns what undoes it
 */
export function finishRound(
  round: Shown<'rounds'>,
  tools: readonly Shown<'tools'>[],
  bits: readonly Shown<'bits'>[],
): Undo {
  const finishedAt = new Date().toISOString();
  const dullTool = (id: string | null) => tools.find((one) => one.id === id && one.body.dull);
  const undo = finishedItems(round.body).flatMap(({ of, itemId }): readonly Undo[] => {
    const tool = dullTool(itemId);
    if (of === 'tools') return tool ? finishTool(round.body, tool, finishedAt) : [];
    const bit = bits.find(({ id }) => id === itemId);
    const own = dullTool(bit?.body.toolId ?? null);
    if (!bit || (bit.body.state !== 'dull' && !own)) return [];
    return [
      ...finishBit(round.body, bit, finishedAt),
      ...(own ? [change('tools', own, { ...own.body, dull: false })] : []),
    ];
  });
  const ended = change('rounds', round, { ...round.body, finishedAt });
  return () => [...undo, ended].forEach((back) => back());
}
