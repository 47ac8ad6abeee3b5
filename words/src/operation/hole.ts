import type { CentreDrill, Drill, Reamer } from '@pike-stone/core';
import { formatLength, joined } from '../format';
import type { OperationWords } from './operation-words';

const drill: OperationWords<Drill> = {
  verb: 'Drill',
  about: 'the drill sets the speed',
  figures: { diameter: 'Drill diameter' },
  diameter: 'the drill, whatever turns',
  pass: 'to the first clearing of the chips',
  depthWhy: () => 'three diameters before the chips must be cleared; one and a half where they stick',
  depth: () => ({ label: 'Clear chips', setting: 'first depth' }),
};

const centreDrill: OperationWords<CentreDrill> = {
  verb: 'Centre-drill',
  about: 'a 60° seat for a centre, or a start for a drill',
  figures: { diameter: 'Pilot of the centre drill' },
  diameter: 'the mouth of the cone: the pilot runs slower',
  depthWhy: () => 'pilot and cone: the mouth stays inside the body of the drill',
  depth: (_setup, { diameterMm }, units) => ({
    label: 'Go in to',
    setting: `mouth ⌀${joined(formatLength(diameterMm, units))}`,
  }),
};

const ream: OperationWords<Reamer> = {
  verb: 'Ream',
  about: 'a hole to size',
  figures: { diameter: 'Reamer diameter' },
  diameter: 'the reamer, whatever turns',
  depthWhy: (_plan, units) =>
    `left for the reamer: ${joined(formatLength(0.1, units))} and a hundredth of the diameter; this is half of it`,
  depth: ({ tool }, { depth }, units) => ({
    label: 'Leave for it',
    shown: formatLength(2 * depth.mm, units),
    setting: `drill ⌀${joined(formatLength(tool.diameterMm - 2 * depth.mm, units))} or the next smaller`,
  }),
};

/** Words of the operations that make a hole along their axis. */
export const HOLE_WORDS = { drill, 'centre-drill': centreDrill, ream } as const;
