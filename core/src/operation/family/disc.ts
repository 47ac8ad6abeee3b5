import type { Machine } from '../../machine/machine';
import type { FormCutter, SlittingSaw } from '../../tool/tool';
import type { Job } from '../job';
import type { Operation } from '../operation';
import { kneeDial, milled } from './milled';

/**
 * What saws and form cutters share: a disc on an arbor that goes in from its rim
 * with its whole width.
 *
 * @param edgeWidthMm  thickness of the saw, width of the form
 */
export const disc = <T extends SlittingSaw | FormCutter>(
  use: 'slitting-saw' | 'form-or-gear',
  edgeWidthMm: (job: Job<T>) => number,
) =>
  ({
    ...milled<T>({
      use,
      edgeWidthMm,
      engagement: (job, depthMm) => ({
        aeMm: Math.min(depthMm, job.tool.diameterMm),
        apMm: edgeWidthMm(job),
      }),
    }),
    usualStickOutMm: 30,
    standsOut: null,
    easesToPower: false,
    widthIsChosen: false,
    surface: 'peripheral',
    leadsTo: [],
    // On a vertical mill the disc lies flat: the cross slide sets its depth, not the knee.
    depthDial: (machine: Machine) => (machine.kind === 'vertical-mill' ? null : kneeDial(machine)),
    depthFactors: () => [],
  }) satisfies Partial<Operation<T>>;
