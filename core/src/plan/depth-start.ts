import type { FactorChain } from '../cut/factor-chain';
import type { Dial } from '../machine/dial';
import { isMill } from '../machine/machine';
import type { Material } from '../material/material';
import type { ToolMaterial } from '../tool/tool-material';
import { centreHoleDepth } from './centre-hole';
import { bladeWidth, reamAllowance, type CutSetup } from './cut-setup';
import { OPERATIONS } from './operations';
import { chamferSize, cutPitch, threadOf } from './particulars';

/** Why the starting depth is what it is. */
export type DepthReason =
  | 'rough-turning'
  | 'under-the-skin'
  | 'nose-radius'
  | 'boring'
  | 'shaping'
  | 'machine-power'
  | 'blade-width'
  | 'groove'
  | 'form'
  | 'chamfer'
  | 'thread-form'
  | 'knurl'
  | 'file'
  | 'drill-three-diameters'
  | 'centre-cone'
  | 'ream-allowance'
  | 'side-flute'
  | 'slot-half-diameter'
  | 'slot-full-diameter'
  | 'plunge'
  | 'face-mill'
  | 'fly-cut'
  | 'saw'
  | 'form-mill'
  | 't-slot-head'
  | 'dovetail';

export interface DepthStart {
  /** Before the burdens. */
  readonly wantedMm: number;
  readonly startMm: number;
  readonly reason: DepthReason;
  /** Width of cut to start with; null where the operation has none. */
  readonly widthMm: number | null;
}

/** Our own starting values, to be worked up from; a power check comes with the machine's own motor. */
const ROUGH_TURNING_MM = 1.5;
const ROUGH_SHARE_OF_DIAMETER = 0.1;
const UNDER_SKIN_MM = 0.2;
const BORING_MM = 0.75;
const BORING_SHARE = 0.03;
const SHAPING_MM = 1.5;
const SHAPED_WIDTH_MM = 50;
const FACE_MILL_MM = 1;
const FACE_MILL_WIDTH = 0.7;
const SIDE_WIDTH = 1 / 8;
const DRILL_DIAMETERS = 3;
const GROOVE_MM = 2;
const KNURL_SHARE = 0.35;
const FILE_MM = 0.01;
const PLUNGE_DIAMETERS = 0.5;
const FLY_MM = 0.5;
const FLY_WIDTH = 0.75;
/** A saw cuts well with two to four teeth in the cut. */
const SAW_TEETH = 3;
const DOVETAIL_WIDTH = 1 / 10;

const EASY_DIVISIONS = 5;

/** Where the cross slide sets the depth. */
const DIALLED: readonly CutSetup['operation'][] = [
  'turn',
  'shoulder',
  'taper',
  'bore',
  'groove',
  'form',
  'knurl',
];

/** The dial that sets the depth; null where a stop, the compound or the quill does. */
export function depthDial({ machine, operation }: CutSetup): Dial | null {
  const { cutting, disc } = OPERATIONS[operation];
  if (machine.kind === 'lathe') return DIALLED.includes(operation) ? machine.crossSlide : null;
  if (machine.kind === 'shaper') return machine.toolSlide;
  if (cutting !== 'milling' || (disc && machine.kind === 'vertical-mill')) return null;
  return isMill(machine) ? machine.kneeDial : null;
}

/** A width that is stepped over by eye: whole millimetres, unless that would be too coarse. */
const wholeMm = (mm: number): number => (mm < 4 ? mm : Math.round(mm));

/** To whole fives on the dial, to single divisions when the depth is less, to 0.05 mm without a dial. */
function toStep(mm: number, dial: Dial | null, round = Math.round): number {
  const division = dial ? dial.travelPerTurnMm / dial.divisions : 0.01;
  const step = mm < EASY_DIVISIONS * division ? division : EASY_DIVISIONS * division;
  return Math.max(step, round(mm / step - 1e-9) * step);
}

/** The next easy step of the dial at or under a depth. */
export const dialStepDown = (mm: number, dial: Dial | null): number => toStep(mm, dial, Math.floor);

/**
 * A depth to begin with, by operation, machine and tool.
 *
 * Turning 1.5 mm on the radius (a tenth of the diameter on thin work), under the
 * skin where there is one and not less than two thirds of an insert's nose
 * radius. A slot half a diameter deep in steel, one in aluminium and brass, and
 * half of that on a tired machine. Side milling one diameter deep at an eighth
 * wide.
 */
export function startingDepth(
  setup: CutSetup,
  metal: Material,
  edge: ToolMaterial,
  factors: FactorChain,
): DepthStart {
  const { tool, machine, stock } = setup;
  const { depthFactor } = factors;
  const dial = depthDial(setup);
  switch (setup.operation) {
    case 'turn':
    case 'shoulder':
    case 'taper':
    case 'face': {
      const wantedMm = Math.min(ROUGH_TURNING_MM, setup.workDiameterMm * ROUGH_SHARE_OF_DIAMETER);
      const eased = toStep(wantedMm * depthFactor, dial);
      const underSkin = setup.firstPassOnSkin ? stock.skinMm + UNDER_SKIN_MM : 0;
      const nose = edge.family === 'carbide' ? (2 * tool.noseRadiusMm) / 3 : 0;
      if (underSkin > eased && underSkin >= nose)
        return {
          wantedMm,
          startMm: toStep(underSkin, dial, Math.ceil),
          reason: 'under-the-skin',
          widthMm: null,
        };
      if (nose > eased)
        return { wantedMm, startMm: toStep(nose, dial, Math.ceil), reason: 'nose-radius', widthMm: null };
      return { wantedMm, startMm: eased, reason: 'rough-turning', widthMm: null };
    }
    case 'mill-side': {
      const wantedMm = Math.min(tool.diameterMm, tool.fluteLengthMm);
      return {
        wantedMm,
        startMm: toStep(wantedMm * depthFactor, dial),
        reason: 'side-flute',
        widthMm: toStep(
          tool.diameterMm * SIDE_WIDTH,
          isMill(machine) ? { ...machine.tableWheel, reads: 'radius', backlashMm: 0 } : null,
        ),
      };
    }
    case 'mill-slot':
    case 'ramp': {
      const soft = metal.iso513 === 'N';
      const wantedMm = Math.min(tool.diameterMm * (soft ? 1 : 0.5), tool.fluteLengthMm);
      const share = machine.condition === 'tired' ? Math.min(0.5, depthFactor) : depthFactor;
      return {
        wantedMm,
        startMm: toStep(wantedMm * share, dial),
        reason: soft ? 'slot-full-diameter' : 'slot-half-diameter',
        widthMm: tool.diameterMm,
      };
    }
    case 'face-mill': {
      const underSkin = setup.firstPassOnSkin ? stock.skinMm + UNDER_SKIN_MM : 0;
      const startMm = Math.max(
        toStep(FACE_MILL_MM * depthFactor, dial),
        underSkin > 0 ? toStep(underSkin, dial, Math.ceil) : 0,
      );
      return {
        wantedMm: FACE_MILL_MM,
        startMm,
        reason: underSkin > FACE_MILL_MM * depthFactor ? 'under-the-skin' : 'face-mill',
        widthMm: wholeMm(tool.diameterMm * FACE_MILL_WIDTH),
      };
    }
    case 'bore':
    case 'mill-bore': {
      const wantedMm = Math.min(BORING_MM, setup.workDiameterMm * BORING_SHARE);
      const nose = edge.family === 'carbide' ? (2 * tool.noseRadiusMm) / 3 : 0;
      const eased = toStep(wantedMm * depthFactor, dial);
      return nose > eased
        ? { wantedMm, startMm: toStep(nose, dial, Math.ceil), reason: 'nose-radius', widthMm: null }
        : { wantedMm, startMm: eased, reason: 'boring', widthMm: null };
    }
    case 'shape': {
      const underSkin = setup.firstPassOnSkin ? stock.skinMm + UNDER_SKIN_MM : 0;
      const eased = toStep(SHAPING_MM * depthFactor, dial);
      return underSkin > eased
        ? {
            wantedMm: SHAPING_MM,
            startMm: toStep(underSkin, dial, Math.ceil),
            reason: 'under-the-skin',
            widthMm: SHAPED_WIDTH_MM,
          }
        : { wantedMm: SHAPING_MM, startMm: eased, reason: 'shaping', widthMm: SHAPED_WIDTH_MM };
    }
    case 'groove':
      return goesIn(
        Math.min(GROOVE_MM, setup.workDiameterMm / 4),
        'groove',
        Math.max(setup.widthMm ?? 0, bladeWidth(setup)),
      );
    case 'form':
      return goesIn(Math.min(tool.fluteLengthMm, setup.workDiameterMm / 2), 'form', bladeWidth(setup));
    case 'chamfer':
      return goesIn(Math.min(chamferSize(setup), setup.workDiameterMm / 2), 'chamfer');
    case 'thread':
      return goesIn(threadOf(setup).depthMm, 'thread-form');
    case 'knurl':
      return goesIn(toStep(KNURL_SHARE * cutPitch(setup), dial), 'knurl');
    case 'file':
      return goesIn(FILE_MM, 'file');
    case 'centre-drill':
      return goesIn(centreHoleDepth(tool), 'centre-cone');
    case 'plunge':
      return goesIn(Math.max(0.5, Math.round(tool.diameterMm * PLUNGE_DIAMETERS * 2) / 2), 'plunge');
    case 'fly-cut': {
      const startMm = toStep(FLY_MM * depthFactor, dial);
      return { wantedMm: FLY_MM, startMm, reason: 'fly-cut', widthMm: wholeMm(tool.diameterMm * FLY_WIDTH) };
    }
    case 'saw':
      return goesIn(sawDepth(tool), 'saw', bladeWidth(setup));
    case 'form-mill':
      return goesIn(Math.min(tool.fluteLengthMm, tool.diameterMm / 3), 'form-mill', bladeWidth(setup));
    case 't-slot':
      return goesIn(bladeWidth(setup), 't-slot-head', tool.diameterMm);
    case 'dovetail':
      return goesIn(
        Math.min(tool.fluteLengthMm, tool.diameterMm / 2),
        'dovetail',
        toStep(
          tool.diameterMm * DOVETAIL_WIDTH * depthFactor,
          isMill(machine) ? { ...machine.tableWheel, reads: 'radius', backlashMm: 0 } : null,
        ),
      );
    case 'part':
      return {
        wantedMm: bladeWidth(setup),
        startMm: bladeWidth(setup),
        reason: 'blade-width',
        widthMm: null,
      };
    case 'ream':
      return {
        wantedMm: reamAllowance(tool.diameterMm) / 2,
        startMm: reamAllowance(tool.diameterMm) / 2,
        reason: 'ream-allowance',
        widthMm: null,
      };
    case 'drill':
      return {
        wantedMm: tool.diameterMm * DRILL_DIAMETERS,
        startMm: Math.max(0.5, Math.round(tool.diameterMm * DRILL_DIAMETERS * 2) / 2),
        reason: 'drill-three-diameters',
        widthMm: null,
      };
  }
}

/** A depth that the tool or the thread itself sets: nothing eases it. */
const goesIn = (mm: number, reason: DepthReason, widthMm: number | null = null): DepthStart => ({
  wantedMm: mm,
  startMm: mm,
  reason,
  widthMm,
});

/** As deep as puts three teeth of the saw in the cut, on whole millimetres, never past a third of the saw. */
function sawDepth({ diameterMm, teeth }: CutSetup['tool']): number {
  const arc = (SAW_TEETH * 2 * Math.PI) / Math.max(SAW_TEETH * 2, teeth);
  return Math.max(
    0.5,
    Math.min(Math.round((diameterMm / 2) * (1 - Math.cos(arc))), Math.floor(diameterMm / 3)),
  );
}
