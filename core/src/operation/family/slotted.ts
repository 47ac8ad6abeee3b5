import type { EndMill } from '../../tool/tool';
import { toDialStep } from '../depth-step';
import type { Operation } from '../operation';
import { endMilled } from './end-milled';
import { kneeDial } from './milled';

/** Depth of a slot over its cutter: half in steel, all of it in soft metal; a tired machine at most half of that. */
const STEEL_SHARE = 0.5;
const SOFT_SHARE = 1;
const TIRED_MOST = 0.5;

/** Non-ferrous metals and plastics take a slot one diameter deep. */
export const slotsDeep = (iso513: string): boolean => iso513 === 'N';

/** What slotting and ramping share: the full width of an end mill in solid metal. */
export const slotted = {
  ...endMilled('end-mill-slot'),
  fullWidth: 'slot',
  widthIsChosen: false,
  startDepth: ({ tool, machine }, { metal, depthFactor }) => {
    const share = slotsDeep(metal.iso513) ? SOFT_SHARE : STEEL_SHARE;
    const wantedMm = Math.min(tool.diameterMm * share, tool.fluteLengthMm);
    const eased = machine.condition === 'tired' ? Math.min(TIRED_MOST, depthFactor) : depthFactor;
    return {
      wantedMm,
      startMm: toDialStep(wantedMm * eased, kneeDial(machine)),
      reason: 'own',
      widthMm: tool.diameterMm,
    };
  },
} satisfies Partial<Operation<EndMill>>;
