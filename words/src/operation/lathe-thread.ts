import { firstThreadPass, threadOf, threadPasses, type CutSetup, type ThreadingTool } from '@pike-stone/core';
import { formatLength, joined, type UnitSystem } from '../format';
import { EXACT, type WorkingLine } from '../working/line';
import { figures, inUnits } from '../working/relation';
import type { OperationWords } from './operation-words';

/** Depth of an inside thread over its pitch, with the figures of this one. */
function insideDepth({ depthMm, pitchMm }: ReturnType<typeof threadOf>, units: UnitSystem): string {
  const [share, pitch] = figures(
    [depthMm / pitchMm, inUnits(pitchMm, units)],
    (a = 0, b = 0) => a * b,
    Number(formatLength(depthMm, units).figure),
  );
  return `${share} × ${pitch}`;
}

function threadDetails(setup: CutSetup<ThreadingTool>, units: UnitSystem): WorkingLine[] {
  const length = (mm: number) => joined(formatLength(mm, units));
  const t = threadOf(setup);
  const tpi = Number((25.4 / t.pitchMm).toFixed(2));
  const usual = (setup.pitchMm ?? null) === null ? '; coarse pitch of this diameter' : '';
  const depth: WorkingLine = t.inside
    ? {
        key: 'thread',
        kind: 'relation',
        label: insideDepth(t, units),
        value: length(t.depthMm),
        reason: `${2 * t.halfDeg}° inside, from a hole of ⌀${length(t.minorInsideMm)}`,
        source: EXACT,
      }
    : {
        key: 'thread',
        kind: 'relation',
        label: 'Sharp height less crest and nose',
        value: length(t.depthMm),
        reason: `${2 * t.halfDeg}° with a nose of ${length(setup.tool.noseRadiusMm)}; the root comes to ⌀${length(t.rootMm)}`,
        source: EXACT,
      };
  return [
    {
      key: 'pitch',
      kind: 'choice',
      label: 'Pitch',
      value: length(t.pitchMm),
      reason: `${tpi} threads to the inch${usual}`,
    },
    depth,
    {
      key: 'pitch-diameter',
      kind: 'check',
      label: 'Pitch diameter to measure',
      value: length(t.pitchDiameterMm),
      reason: 'over three wires, or try the nut',
    },
  ];
}

/** How a thread is spoken of: its pitch, its depth, and what is measured of it. */
export const thread: OperationWords<ThreadingTool> = {
  verb: 'Cut a thread on',
  about: 'by the leadscrew, pass by pass',
  figures: {
    diameter: 'Outside of the thread',
    length: 'Length of the thread',
    pitch: 'Pitch of the thread',
  },
  ways: 'Which thread',
  pitches: {
    mm: ['1 mm', '1.25 mm', '1.5 mm', '1.75 mm', '2 mm', '2.5 mm', '20 tpi', '16 tpi', '11 tpi'],
    inch: ['28 tpi', '24 tpi', '20 tpi', '18 tpi', '16 tpi', '13 tpi', '11 tpi', '1.5 mm', '2 mm'],
  },
  diameter: 'the outside of the thread',
  pass: 'one pass along the thread',
  depthWhy: () => 'full thread with the nose this tool really has: a sharp one must go deeper',
  depth: (setup, _plan, units) => ({
    label: 'Thread depth',
    setting: `${threadPasses(setup)} passes, the first ${joined(formatLength(firstThreadPass(setup), units))}`,
  }),
  details: threadDetails,
};
