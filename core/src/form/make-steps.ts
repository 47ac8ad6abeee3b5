import { DEG } from '../quantity/angle';
import { positive } from '../quantity/out-of-range';
import { eccentricRelief, flankRelief } from '../setting/cutter-blank';
import { GROWTH, HARDENING, soakMinutes, temperedCutter, type CutterSteel } from '../setting/hardening';
import { arcJobs, type ArcJob } from './arc-jobs';
import { straightFlanks, type StraightFlank } from './flanks';
import { LEAST_FLANK_RELIEF_DEG } from './fly-cutter';
import type { MakingWay } from './form-names';
import type { FormShape } from './form-shape';
import { gashesOf, isForTurning, type correctedForm, type FormTool } from './form-tool';
import { largestStone } from './stone-choice';
import { stoneHeight } from './stone-height';
import { swingEllipse, swungCircle } from './swing';
import { hiddenByLine } from './true-size';

/** Small end of a tapered stone as a share of the hollow it makes. */
const SMALL_END = 0.75;
/** Tempering that form cutters for brass and steel are given, C. */
const USUAL_TEMPER_C = 210;
/** Hardness below which a form cutter does not hold its edge, HRC. */
const LEAST_CUTTER_HRC = 58;
/** Magnification that a form is compared at. */
const USUAL_COMPARISON = 20;
/** Thickness of a blank that is not told, mm. */
const USUAL_THICKNESS_MM = 5;
/** Length of a blank that is left for the form, in depths of the form. */
const BLANK_DEPTHS = 1.3;
/** Taper that a flank which would rub is given of its own, degrees. */
export const OWN_TAPER_DEG = 2.5;

/** One step of making a form cutter, with what is set in it. */
export type MakeStep =
  | {
      readonly key: 'blank';
      readonly lengthMm: number;
      readonly clearanceDeg: number;
      readonly turned: boolean;
    }
  | { readonly key: 'slides'; readonly largestMm: number; readonly tiltDeg: number }
  | {
      readonly key: 'stone';
      readonly job: ArcJob;
      readonly smallEndMm: number;
      readonly taperDeg: number;
      readonly aboveMm: number;
      readonly perMm: number;
    }
  | {
      readonly key: 'swing';
      readonly job: ArcJob;
      /** Swing with the centre kept, and what it leaves either side. */
      readonly keptMm: number;
      readonly remainingMm: number;
      /** What is off when nothing is corrected. */
      readonly uncorrectedMm: number;
      /** Swing when the centre may move, and what it leaves. */
      readonly freeMm: number;
      readonly freeRemainingMm: number;
    }
  | {
      readonly key: 'flank';
      readonly flank: StraightFlank;
      readonly reliefDeg: number;
      readonly needsTaper: boolean;
    }
  | {
      readonly key: 'relief';
      readonly eccentricMm: number;
      readonly turningRadiusMm: number;
      readonly reliefDeg: number;
      readonly dropMm: number;
    }
  | {
      readonly key: 'gash';
      readonly teeth: number;
      readonly offsetMm: number;
      readonly depthMm: number;
      readonly angleDeg: number;
      readonly landMm: number;
    }
  | { readonly key: 'inspect'; readonly times: number; readonly hiddenMm: number }
  | {
      readonly key: 'harden';
      readonly heatC: readonly [number, number];
      readonly soakMin: readonly [number, number];
      readonly quench: 'water' | 'warm-oil';
      readonly quenchC: readonly [number, number];
      readonly growth: readonly [number, number];
    }
  | {
      readonly key: 'temper';
      readonly temperC: number;
      readonly hrc: number;
      readonly colour: ReturnType<typeof temperedCutter>['colour'];
    }
  | { readonly key: 'test'; readonly leastHrc: number }
  | { readonly key: 'hone' }
  | { readonly key: 'centre'; readonly turned: boolean };

/** Clearance of a tool behind its edge, degrees. */
const clearanceOf = (tool: FormTool): number => (tool.kind === 'multi' ? tool.reliefDeg : tool.clearanceDeg);

/** Tapered stones for the hollows of a form: half taper as the clearance, small end up. */
function stoneSteps(jobs: readonly ArcJob[], clearanceDeg: number): readonly MakeStep[] {
  return jobs
    .filter(({ kind }) => kind === 'hollow')
    .map((job): MakeStep => {
      const smallEndMm = SMALL_END * job.radiusMm;
      const { aboveSmallEndMm, radiusChangePerMm } = stoneHeight(smallEndMm, clearanceDeg, job.radiusMm);
      return {
        key: 'stone',
        job,
        smallEndMm,
        taperDeg: clearanceDeg,
        aboveMm: aboveSmallEndMm,
        perMm: radiusChangePerMm,
      };
    });
}

/** Swings for every arc of a form. */
function swingSteps(jobs: readonly ArcJob[], clearanceDeg: number): readonly MakeStep[] {
  return jobs.map((job): MakeStep => {
    const kept = swingEllipse(job.radiusMm, clearanceDeg, job.fromDeg, job.toDeg);
    const circle = swungCircle(job.radiusMm, clearanceDeg, job.fromDeg, job.toDeg);
    // The circle grows in proportion to the swing.
    const freeMm = (job.radiusMm * job.radiusMm) / circle.radiusMm;
    return {
      key: 'swing',
      job,
      keptMm: kept.correctedSwingMm,
      remainingMm: kept.remainingMm,
      uncorrectedMm: kept.maxDeviationMm,
      freeMm,
      freeRemainingMm: circle.maxDeviationMm,
    };
  });
}

/** Straight flanks on the sine plate, and the relief that the clearance of the end leaves them. */
function flankSteps(shape: FormShape, clearanceDeg: number): readonly MakeStep[] {
  return straightFlanks(shape).map((flank): MakeStep => {
    const reliefDeg = flankRelief(clearanceDeg, flank.leanDeg);
    return { key: 'flank', flank, reliefDeg, needsTaper: reliefDeg < LEAST_FLANK_RELIEF_DEG };
  });
}

/** Gashes and back relief of a cutter of several teeth. */
function bodySteps(tool: FormTool): readonly MakeStep[] {
  if (tool.kind !== 'multi') return [];
  const radius = positive('cutter diameter', tool.diameterMm) / 2;
  const eccentricMm = radius * Math.tan(tool.reliefDeg * DEG);
  const { landDeg, landArcMm, offsetMm } = gashesOf(tool);
  const relief = eccentricRelief(radius, eccentricMm, 90, Math.max(0, landDeg), 0);
  return [
    {
      key: 'gash',
      teeth: tool.teeth,
      offsetMm,
      depthMm: tool.gashDepthMm,
      angleDeg: tool.gashAngleDeg,
      landMm: landArcMm,
    },
    {
      key: 'relief',
      eccentricMm,
      turningRadiusMm: relief.turningRadiusMm,
      reliefDeg: relief.reliefDeg,
      dropMm: relief.dropMm,
    },
  ];
}

/**
 * The steps of making a form cutter in their order: blank, form by the chosen way, flanks, gashes and relief of
 * several teeth, comparison, hardening, tempering, test, honing, setting.
 */
export function makeSteps(
  shape: FormShape,
  corrected: ReturnType<typeof correctedForm>,
  tool: FormTool,
  way: MakingWay,
  steel: CutterSteel,
  temperC = USUAL_TEMPER_C,
): readonly MakeStep[] {
  const clearanceDeg = clearanceOf(tool);
  const turned = isForTurning(tool);
  const jobs = arcJobs(corrected.toShape);
  const ways: Readonly<Record<MakingWay, readonly MakeStep[]>> = {
    slides: [
      { key: 'slides', largestMm: largestStone(corrected.toShape), tiltDeg: clearanceDeg + tool.rakeDeg },
    ],
    stones: [...stoneSteps(jobs, clearanceDeg), ...flankSteps(shape, clearanceDeg)],
    swing: [...swingSteps(jobs, clearanceDeg), ...flankSteps(shape, clearanceDeg)],
  };
  const heat = HARDENING[steel];
  const { hrc, colour } = temperedCutter(steel, temperC);
  return [
    { key: 'blank', lengthMm: BLANK_DEPTHS * shape.depthMm, clearanceDeg, turned },
    ...ways[way],
    ...bodySteps(tool),
    { key: 'inspect', times: USUAL_COMPARISON, hiddenMm: hiddenByLine(USUAL_COMPARISON) },
    {
      key: 'harden',
      heatC: heat.heatC,
      soakMin: soakMinutes(tool.kind === 'fly' ? tool.bodyMm : USUAL_THICKNESS_MM),
      quench: heat.quench,
      quenchC: heat.quenchC,
      growth: GROWTH[heat.quench],
    },
    { key: 'temper', temperC, hrc, colour },
    { key: 'test', leastHrc: LEAST_CUTTER_HRC },
    { key: 'hone' },
    { key: 'centre', turned },
  ];
}
