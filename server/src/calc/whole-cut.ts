import { toSetup, UNSAID_CHOICE, type CutChoice, type Problem } from '@pike-stone/contract';
import type { WholeCut } from '@pike-stone/contract/calc/cut-plan';
import { cutPlan, DEFAULT_RULES, fitsOperation, misfits, OPERATIONS } from '@pike-stone/core';
import { forecast, whatLimits } from '@pike-stone/core/forecast';
import { cautions, warnings } from '@pike-stone/words';
import { sayMisfit } from '@pike-stone/words/misfit';
import { HttpProblem } from '../http/problem';

/** Values of a cut that the question leaves out. */
const UNSAID: Omit<CutChoice, 'machineId' | 'stockId' | 'toolId' | 'operation'> = {
  ...UNSAID_CHOICE,
  workDiameterMm: 25,
  stickOutMm: 40,
};
const NOBODY = { machineId: '', stockId: '', toolId: '' };

/** A refusal that names its fields. */
const refused = (fields: NonNullable<Problem['fields']>) =>
  new HttpProblem(400, 'Something does not fit', 'Look at the fields named here; nothing was written.', {
    fields,
  });

/** Computes a whole cut from its records: plan, forecast, limits and sentences. */
export function wholeCut({ machine, stock, tool, metal, rules = DEFAULT_RULES, cut }: WholeCut) {
  const { operation } = cut;
  if (!fitsOperation(tool, operation))
    throw refused([{ path: 'tool.kind', message: `This is done with a ${OPERATIONS[operation].tool}.` }]);
  const said = Object.fromEntries(Object.entries(cut).filter(([, value]) => value !== undefined));
  const setup = toSetup({ ...NOBODY, ...UNSAID, ...said, operation }, machine, stock, tool, metal ?? null);
  const unfit = misfits(setup).map((misfit) => ({
    path: `cut.${misfit.field}`,
    message: sayMisfit(misfit, setup, 'mm'),
  }));
  if (unfit.length > 0) throw refused(unfit);
  const plan = cutPlan(setup, rules);
  const found = forecast(setup, plan);
  const { metal: row, edge, ...planned } = plan;
  return {
    plan: { metal: row.key, edge: edge.key, ...planned },
    forecast: found,
    limits: whatLimits(setup, plan, found),
    warnings: [...warnings(setup, plan, 'mm'), ...cautions(setup, plan)],
  };
}
