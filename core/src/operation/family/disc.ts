import type { Machine } from '../../machine/machine';
import type { FormCutter, SlittingSaw } from '../../tool/tool';
import type { Job } from '../job';
import { pastCollar } from '../misfit';
import type { Operation } from '../operation';
import { kneeDial, milled } from './milled';

/** The collars of an arbor take a third of a disc's diameter when nobody says it. */
const COLLAR_SHARE = 1 / 3;

/** Deepest that a disc goes in before the collars of its arbor touch the work: (D - collar)/2, mm. */
export const discMostMm = ({
  diameterMm,
  collarMm = COLLAR_SHARE * diameterMm,
}: {
  readonly diameterMm: number;
  readonly collarMm?: number | undefined;
}): number => Math.max(0, (diameterMm - collarMm) / 2);

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
    easesDepth: false,
    widthIsChosen: false,
    measured: 'form',
    surface: 'peripheral',
    leadsTo: [],
    // On a vertical mill the disc lies flat: the cross slide sets its depth, not the knee.
    depthDial: (machine: Machine) => (machine.kind === 'vertical-mill' ? null : kneeDial(machine)),
    depthFactors: () => [],
    misfits: ({ depthMm, tool }: Job<T>) => pastCollar(depthMm, tool.diameterMm, discMostMm(tool)),
  }) satisfies Partial<Operation<T>>;
