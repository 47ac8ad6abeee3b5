import type { RoundBody } from '@pike-stone/contract';
import { sharpeningRound, type Round } from '@pike-stone/core/wheel';
import { supplyState } from '@pike-stone/core/inventory';
import { useMemo } from 'react';
import { useRecords, type Shown } from '../../../data/records';
import { useStockLevels } from '../../../data/stock-levels';
import { toolCounted } from '../../drawer/stores/used-up';
import { useWheels } from '../wheels/use-wheels';
import { roundCosts, roundWork, type Dull, type RoundWork } from './round-jobs';

/** Everything dull in the shop, parted into a round. */
export interface PlannedRound {
  readonly dull: readonly Dull[];
  readonly work: RoundWork;
  readonly round: Round;
  readonly nameOf: (id: string) => string;
  readonly wheelName: (key: string) => string;
  /** The round that is going on; null when none is. */
  readonly going: Shown<'rounds'> | null;
}

const shown = <R extends { readonly archived: boolean }>(records: readonly R[]): readonly R[] =>
  records.filter(({ archived }) => !archived);

export function useRound() {
  const tools = useRecords('tools');
  const bits = useRecords('bits');
  const supplies = useRecords('supplies');
  const rounds = useRecords('rounds');
  const levels = useStockLevels();
  const { wheels, loading, error } = useWheels();
  const waiting = tools.loading || bits.loading || rounds.loading || levels.loading || loading;
  // Tools of which nothing is left to grind, as one text: levels are made anew with each drawing.
  const spent = shown(tools.records)
    .filter(({ id, body }) => {
      const counted = body.dull ? toolCounted(id, body, supplies.records) : null;
      return (
        counted?.usedUp.by === 'length'
        && supplyState(counted.usedUp, levels.tallyOf(counted.of, counted.itemId)) === 'none'
      );
    })
    .map(({ id }) => id)
    .join(' ');
  const planned = useMemo((): PlannedRound | null => {
    if (waiting) return null;
    const ofBits = new Set(shown(bits.records).map(({ body }) => body.toolId));
    const dullTools = shown(tools.records).filter(({ body }) => body.dull);
    const dull: readonly Dull[] = [
      ...shown(bits.records).flatMap(({ id, body }): Dull[] =>
        body.state === 'dull'
        || (body.state === 'ground' && dullTools.some((tool) => tool.id === body.toolId))
          ? [{ of: 'bits', id, body }]
          : [],
      ),
      // A tool that is a bit is ground as the bit.
      ...dullTools.flatMap(({ id, body }): Dull[] =>
        ofBits.has(id) ? [] : [{ of: 'tools', id, body, nothingLeft: spent.includes(id) }],
      ),
    ];
    const work = roundWork(dull, wheels);
    return {
      dull,
      work,
      round: sharpeningRound(work.jobs, roundCosts(wheels)),
      nameOf: (id) => dull.find((one) => one.id === id)?.body.name ?? '',
      wheelName: (key) => wheels.find(({ record }) => record.id === key)?.record.body.name ?? key,
      going: shown(rounds.records).find(({ body }) => body.finishedAt === null) ?? null,
    };
  }, [waiting, tools.records, bits.records, spent, rounds.records, wheels]);
  return { planned, error: tools.error ?? bits.error ?? rounds.error ?? levels.error ?? error };
}

/** A round as it is kept once it is begun: its list stays as it is while it is worked through. */
export function begunRound({ round, work, dull, nameOf, wheelName }: PlannedRound): RoundBody {
  const isId = (key: string): boolean => /^[0-9a-f-]{36}$/.test(key);
  return {
    startedAt: new Date().toISOString(),
    finishedAt: null,
    done: [],
    groups: round.groups.map(({ wheel, setUp, tiltDeg, asItStands, changeMin, grindMin, jobs }) => ({
      wheel: wheelName(wheel),
      wheelId: isId(wheel) ? wheel : null,
      setUp,
      tiltDeg,
      asItStands,
      changeMin,
      grindMin,
      jobs: jobs.map(({ of, face }) => ({
        key: `${of}/${face}`,
        of: dull.find(({ id }) => id === of)?.of ?? 'tools',
        itemId: of,
        name: nameOf(of),
        face: work.faceOf[face] ?? face,
        turnDeg: work.turnOf.get(`${of}/${face}`) ?? null,
      })),
    })),
  };
}
