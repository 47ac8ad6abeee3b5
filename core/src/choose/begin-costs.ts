import type { JobChoice } from './job-choice';

/** What must be had before the first part, with either tool: nothing where it is in the drawer. */
export const beginCosts = ({
  hss,
  carbide,
  costInputs: of,
}: Pick<JobChoice<unknown>, 'hss' | 'carbide' | 'costInputs'>): {
  readonly hss: number;
  readonly carbide: number;
} => ({
  hss: hss.item ? 0 : of.blankCost + of.firstGrindMin * of.ratePerMin,
  carbide: carbide.item ? 0 : of.holderCost + of.insertCost,
});
