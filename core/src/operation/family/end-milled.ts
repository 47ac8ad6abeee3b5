import type { Finding } from '../finding';
import type { EndMill } from '../../tool/tool';
import type { Job } from '../job';
import type { Operation } from '../operation';
import { milled } from './milled';

/** What all that mill with the side of an end mill share. */
export const endMilled = (use: 'end-mill-side' | 'end-mill-slot') =>
  ({
    ...milled<EndMill>({ use }),
    tool: 'end-mill',
    usualStickOutMm: 30,
    standsOut: 'cutter',
    easesToSpring: true,
    surface: 'peripheral',
    caution: 'climb',
    cuttingLengthMm: ({ fluteLengthMm }) => fluteLengthMm,
    findings: () => [],
  }) satisfies Partial<Operation<EndMill>>;

/** Whether the end of the cutter can go down into solid metal. */
export function centreFindings({ tool }: Job<EndMill>, ramping: boolean): Finding[] {
  if (tool.centreCutting === false) return [{ code: 'centre-cutting', level: 'danger', ramping }];
  return tool.centreCutting === undefined ? [{ code: 'centre-unknown', level: 'caution', ramping }] : [];
}
