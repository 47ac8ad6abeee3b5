import { formatLength, joined, type UnitSystem } from '../quantity/format';
import { setover } from '../setting/taper';
import { bladeWidth, type CutSetup } from './cut-setup';
import { cutAngle, cutLength, cutPitch, cutWay, knurlBlank, smallEnd, threadOf } from './particulars';
import type { WorkingLine } from './working-line';
import { DEG } from '../quantity/angle';

const degrees = (deg: number): string => `${Number(deg.toFixed(2))}°`;
const EXACT = 'exact';

/** What the geometry of an operation of its own leads to, with how. */
export function detailLines(setup: CutSetup, units: UnitSystem): WorkingLine[] {
  const length = (mm: number) => joined(formatLength(mm, units));
  const figure = (mm: number) => formatLength(mm, units).figure;
  const diameter = setup.workDiameterMm;
  switch (setup.operation) {
    case 'thread': {
      const t = threadOf(setup);
      return [
        {
          key: 'pitch',
          kind: 'choice',
          label: 'Pitch',
          value: length(t.pitchMm),
          reason: `${Number((25.4 / t.pitchMm).toFixed(2))} threads to the inch${(setup.pitchMm ?? null) === null ? '; coarse pitch of this diameter' : ''}`,
        },
        t.inside
          ? {
              key: 'thread',
              kind: 'relation',
              label: `0.5413 × ${figure(t.pitchMm)}`,
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
            },
        {
          key: 'pitch-diameter',
          kind: 'check',
          label: 'Pitch diameter to measure',
          value: length(t.pitchDiameterMm),
          reason: 'over three wires, or try the nut',
        },
      ];
    }
    case 'taper': {
      const half = cutAngle(setup);
      const small = smallEnd(setup);
      const lines: WorkingLine[] = [
        {
          key: 'small',
          kind: 'relation',
          label: `⌀${figure(diameter)} − 2 × ${figure(cutLength(setup))} × tan ${degrees(half)}`,
          value: `⌀${length(small)}`,
          reason: `1 in ${Number((1 / (2 * Math.tan(half * DEG))).toFixed(2))}, half angle ${degrees(half)}`,
          source: EXACT,
        },
      ];
      if (cutWay(setup) === 'compound')
        return [
          ...lines,
          {
            key: 'set',
            kind: 'machine',
            label: 'Compound slide at',
            value: degrees(half),
            reason: `from the lathe’s axis; marked from square it reads ${degrees(90 - half)}. Prove it with an indicator on a true bar.`,
          },
        ];
      return [
        ...lines,
        {
          key: 'set',
          kind: 'relation',
          label: `${figure(setup.stickOutMm)} × sin ${degrees(half)}`,
          value: length(setover(setup.stickOutMm, half).mm),
          source: EXACT,
          reason:
            cutWay(setup) === 'set-over'
              ? 'tailstock over, toward you for the small end there; between the points of the centres'
              : 'slide of the head in the tailstock, level with the cross slide; the tailstock stays true',
        },
      ];
    }
    case 'knurl': {
      const { teeth, diameterMm } = knurlBlank(diameter, cutPitch(setup));
      return [
        {
          key: 'blank',
          kind: 'relation',
          label: `${teeth} × ${figure(cutPitch(setup))} ÷ π`,
          value: `⌀${length(diameterMm)}`,
          reason: 'a blank of this size closes on whole teeth; others cut double',
          source: EXACT,
        },
      ];
    }
    case 'groove': {
      const [blade, wide] = [bladeWidth(setup), Math.max(bladeWidth(setup), setup.widthMm ?? 0)];
      return [
        {
          key: 'plunges',
          kind: 'relation',
          label: 'Plunges with this blade',
          value: String(groovePlunges(blade, wide)),
          reason: 'side by side with a little overlap, then each wall once from top to bottom',
        },
      ];
    }
    case 'ramp': {
      const slope = cutAngle(setup);
      return [
        {
          key: 'slope',
          kind: 'choice',
          label: 'Slope',
          value: degrees(slope),
          reason: 'under three degrees an end without centre teeth still rubs',
        },
      ];
    }
    default:
      return [];
  }
}

/** How often a blade goes in side by side for a groove wider than itself. */
const OVERLAP = 0.15;
export const groovePlunges = (bladeMm: number, grooveMm: number): number =>
  grooveMm <= bladeMm * 1.001 ? 1 : 1 + Math.ceil((grooveMm - bladeMm) / (bladeMm * (1 - OVERLAP)) - 1e-9);
