import { usualBath, rescueSaving, type Bath } from '@pike-stone/core/identify';
import { create } from 'zustand';
import { keptHere } from '../../../sync/kept-here';
import { readWithin } from '../../figures/read-figure';

/** Figures of a rescue as they are typed. */
interface Typed {
  readonly edges: string;
  readonly aluminiumG: string;
  readonly minutes: string;
  readonly chemicals: string;
}
export type RescueKey = keyof Typed;

interface RescueState extends Typed {
  /** The box that the edges come back to. */
  readonly boxId: string;
  set(change: Partial<Omit<RescueState, 'set'>>): void;
}

/** What is typed of a rescue; it survives a reload. */
export const useRescue = create<RescueState>()(
  keptHere(
    (set) => ({
      edges: '4',
      aluminiumG: '0.5',
      minutes: '20',
      chemicals: '1',
      boxId: '',
      set: (change) => set(change),
    }),
    { name: 'pike-rescue' },
  ),
);

const MOST = 10_000;
const LEAST_ALUMINIUM_G = 0.01;

/** One figure of a rescue, or the sentence why it cannot be used. */
export const readRescue = (typed: Typed, key: RescueKey) =>
  readWithin(typed[key], key === 'aluminiumG' ? LEAST_ALUMINIUM_G : 0, MOST, key === 'edges');

/** The bath for the aluminium that was typed; null while that cannot be read. */
export function bathOf(typed: Typed): Bath | null {
  const { value } = readRescue(typed, 'aluminiumG');
  return value === null ? null : usualBath(value);
}

/** What a rescue saves; null while a figure of it cannot be read. */
export function savingOf(typed: Typed, valuePerEdge: number, ratePerMin: number): number | null {
  const figure = (key: RescueKey) => readRescue(typed, key).value;
  const [edges, minutesAttended, chemicalCost] = [figure('edges'), figure('minutes'), figure('chemicals')];
  if (edges === null || minutesAttended === null || chemicalCost === null) return null;
  return rescueSaving({ edges, valuePerEdge, minutesAttended, ratePerMin, chemicalCost });
}
