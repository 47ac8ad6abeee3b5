import type { BitBody, RoundBody, SharpeningBody, ToolBody } from '@pike-stone/contract';
import { regrindFor } from '@pike-stone/core/grind';
import { newId, save, type Shown } from '../../../data/records';
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
  return material === 'brazed-carbide' ? 'brazed' : 'fly-tip';
};

/** Wheel on which an item was ground first. */
const wheelOf = (round: RoundBody, id: string): string | null =>
  round.groups.find(({ wheelId, jobs }) => wheelId !== null && jobs.some(({ itemId }) => itemId === id))
    ?.wheelId ?? null;

function finishTool(round: RoundBody, tool: Shown<'tools'>, finishedAt: string): void {
  void save('tools', tool.id, tool.version, { ...tool.body, dull: false });
  void save('sharpenings', newId(), 0, {
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
  });
}

/** Volume that a touch-up takes off a tool that is not drawn, mm3. */
const TYPICAL_MM3 = 20;

function finishBit(round: RoundBody, bit: Shown<'bits'>, finishedAt: string): void {
  const regrind = regrindFor(planOf(bit.body), { wear: 'blunt', sizeMm: null });
  const { blank } = bit.body;
  const lengthMm = Math.max(5, blank.lengthMm - regrind.alongMm);
  const body: BitBody = { ...bit.body, state: 'ground', blank: { ...blank, lengthMm } };
  void save('bits', bit.id, bit.version, body);
  void save('grinds', newId(), 0, {
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
    volumeMm3: regrind.stockMm * blank.widthMm * blank.heightMm,
    note: 'In a round.',
  });
}

/** Ends a round: what is done is sharp and in the books, what is not stays dull. */
export function finishRound(
  round: Shown<'rounds'>,
  tools: readonly Shown<'tools'>[],
  bits: readonly Shown<'bits'>[],
): void {
  const finishedAt = new Date().toISOString();
  for (const { of, itemId } of finishedItems(round.body)) {
    if (of === 'bits') {
      const bit = bits.find(({ id }) => id === itemId);
      if (!bit) continue;
      finishBit(round.body, bit, finishedAt);
      const tool = tools.find(({ id }) => id === bit.body.toolId);
      if (tool) void save('tools', tool.id, tool.version, { ...tool.body, dull: false });
    } else {
      const tool = tools.find(({ id }) => id === itemId);
      if (tool) finishTool(round.body, tool, finishedAt);
    }
  }
  void save('rounds', round.id, round.version, { ...round.body, finishedAt });
}
