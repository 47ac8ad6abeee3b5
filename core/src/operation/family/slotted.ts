import type { Material } from '../../material/material';
import type { EndMill } from '../../tool/tool';
import type { CutPlan } from '../cut-plan';
import { toDialStep, wholeSteps } from '../depth-step';
import type { Finding } from '../finding';
import type { Job } from '../job';
import type { Operation } from '../operation';
import { endMilled } from './end-milled';
import { kneeDial } from './milled';

/** Depth of a slot over its cutter: half in steel, all of it in soft metal; a tired machine at most half of that. */
const STEEL_SHARE = 0.5;
const SOFT_SHARE = 1;
const TIRED_MOST = 0.5;

/** Deepest slot in one pass by the shop's rule, mm. */
const slotMostMm = ({ tool, machine }: Job<EndMill>, { iso513 }: Pick<Material, 'iso513'>): number => {
  const share = slotsDeep(iso513) ? SOFT_SHARE : STEEL_SHARE;
  return tool.diameterMm * share * (machine.condition === 'tired' ? TIRED_MOST : 1);
};

/** Non-ferrous metals and plastics take a slot one diameter deep. */
export const slotsDeep = (iso513: string): boolean => iso513 === 'N';

/** A slot that is typed deeper than the rule. */
export function slotFindings(job: Job<EndMill>, { metal, depth }: CutPlan): Finding[] {
  const mostMm = slotMostMm(job, metal);
  return depth.byHand && depth.mm > mostMm * 1.001 ? [{ code: 'slot-deep', level: 'caution', mostMm }] : [];
}

/** What slotting and ramping share: the full width of an end mill in solid metal. */
export const slotted = {
  ...endMilled('end-mill-slot'),
  fullWidth: 'slot',
  widthIsChosen: false,
  measured: 'inside',
  findings: slotFindings,
  startDepth: ({ tool, machine }, { metal, depthFactor }) => {
    const share = slotsDeep(metal.iso513) ? SOFT_SHARE : STEEL_SHARE;
    const wantedMm = Math.min(tool.diameterMm * share, tool.fluteLengthMm);
    const eased = machine.condition === 'tired' ? Math.min(TIRED_MOST, depthFactor) : depthFactor;
    return {
      wantedMm,
      factor: eased,
      startMm: toDialStep(wantedMm * eased, kneeDial(machine), wholeSteps),
      reason: 'own',
      widthMm: tool.diameterMm,
    };
  },
} satisfies Partial<Operation<EndMill>>;
