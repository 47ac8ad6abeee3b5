import { toSetup, type CutChoice } from '@pike-stone/contract';
import { CALC_INPUTS, type CalcTopic, type WholeCut } from '@pike-stone/contract/calc';
import { cutPlan, DEFAULT_RULES, stepCautions, warnings } from '@pike-stone/core';
import { TOPICS, type Values } from '@pike-stone/core/calc';
import { forecast, whatLimits } from '@pike-stone/core/forecast';
import { HttpProblem, invalid } from '../http/problem';

const UNSAID: Omit<CutChoice, 'machineId' | 'stockId' | 'toolId' | 'operation'> = {
  workDiameterMm: 25,
  cutterDiameterMm: null,
  stickOutMm: 40,
  support: 'chuck',
  fluid: 'brush',
  interrupted: false,
  firstPassOnSkin: false,
  depthMm: null,
  widthMm: null,
  rpmByHand: null,
  feedByHand: null,
};
const NOBODY = { machineId: '', stockId: '', toolId: '' };

/** A whole cut from its records: the plan, what it will do, what holds it back and what is to be said. */
function wholeCut({ machine, stock, tool, metal, rules = DEFAULT_RULES, cut }: WholeCut): Values {
  const said = Object.fromEntries(Object.entries(cut).filter(([, value]) => value !== undefined)) as Pick<
    CutChoice,
    'operation'
  >;
  const setup = toSetup({ ...NOBODY, ...UNSAID, ...said }, machine, stock, tool, metal ?? null);
  const plan = cutPlan(setup, rules);
  const found = forecast(setup, plan);
  const { metal: row, edge, ...planned } = plan;
  return {
    plan: { metal: row.key, edge: edge.key, ...planned },
    forecast: found,
    limits: whatLimits(setup, plan, found),
    warnings: [...warnings(setup, plan, 'mm'), ...stepCautions(setup, row.chipCharacter)],
  };
}

/** The first number in it that is none: what was asked lies outside of what can be computed. */
function notFinite(value: unknown, path = ''): string | null {
  if (typeof value === 'number') return Number.isFinite(value) ? null : path;
  if (value === null || typeof value !== 'object') return null;
  for (const [key, inner] of Object.entries(value)) {
    const found = notFinite(inner, path ? `${path}.${key}` : key);
    if (found !== null) return found;
  }
  return null;
}

/** Calculates a topic; bad input is a problem with its fields, input outside the physics one with the core's sentence. */
export function calculate(topic: CalcTopic, body: unknown): Values {
  const read = CALC_INPUTS[topic].safeParse(body);
  if (!read.success) throw invalid(read.error);
  let result: Values;
  try {
    result = topic === 'cut-plan' ? wholeCut(read.data as WholeCut) : TOPICS[topic]!(read.data as Values);
  } catch (error) {
    if (error instanceof RangeError) throw new HttpProblem(400, 'Cannot be computed', `${error.message}.`);
    throw error;
  }
  const hole = notFinite(result);
  if (hole !== null)
    throw new HttpProblem(400, 'Cannot be computed', `With these values there is no ${hole}.`);
  return result;
}
