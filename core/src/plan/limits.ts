import { formatLength, formatSpindleSpeed, joined, type UnitSystem } from '../quantity/format';
import type { CutPlan } from './cut-plan';
import { type CutSetup } from './cut-setup';
import { OPERATIONS } from './operations';
import type { Warning } from './warnings';

/** Cutter shanks and collets that differ by less than this fit each other, mm. */
const COLLET_FITS_MM = 0.25;

/** What of a set-up goes beyond the machine: each a sentence with what to do. Limits that are not known say nothing. */
export function limitWarnings(setup: CutSetup, plan: CutPlan, units: UnitSystem): Warning[] {
  const limits = setup.machine.limits ?? {};
  const length = (mm: number) => joined(formatLength(mm, units));
  const list: Warning[] = [];
  const say = (key: string, level: Warning['level'], text: string): void =>
    void list.push({ key, level, text });
  const workTurns = OPERATIONS[setup.operation].turns === 'work';
  const lathe = setup.machine.kind === 'lathe';
  if (workTurns && lathe) {
    const swing =
      limits.swingMm ?? (limits.centreHeightMm === undefined ? undefined : 2 * limits.centreHeightMm);
    if (swing !== undefined && setup.workDiameterMm > swing)
      say(
        'swing',
        'danger',
        `⌀${length(setup.workDiameterMm)} does not swing in this lathe: it takes ⌀${length(swing)} over the bed.`,
      );
    else if (limits.overSlideMm !== undefined && setup.workDiameterMm > limits.overSlideMm)
      say(
        'over-slide',
        'caution',
        `Over the cross slide only ⌀${length(limits.overSlideMm)} clears: look that the work does not run against the slide.`,
      );
    if (limits.betweenCentresMm !== undefined && setup.stickOutMm > limits.betweenCentresMm)
      say(
        'between-centres',
        'danger',
        `Longer than this lathe takes: ${length(limits.betweenCentresMm)} between centres.`,
      );
  }
  if (
    setup.operation === 'shape'
    && limits.strokeMm !== undefined
    && setup.workDiameterMm >= limits.strokeMm
  ) {
    say(
      'stroke',
      'danger',
      `Longer than the ram goes: ${length(limits.strokeMm)} is its longest stroke, and it must clear the work at both ends.`,
    );
  }
  if (
    setup.tool.kind === 'turning-tool'
    && lathe
    && setup.tool.shankMm !== undefined
    && limits.toolHeightMm !== undefined
    && setup.tool.shankMm > limits.toolHeightMm
  ) {
    say(
      'tool-height',
      'danger',
      `A shank of ${length(setup.tool.shankMm)} stands above the centre: from the tool rest to the centre are ${length(limits.toolHeightMm)}. Take a smaller tool, or a rest that sits lower.`,
    );
  }
  if (limits.chuckRpm !== undefined && lathe && plan.speed.rungRpm > limits.chuckRpm) {
    say(
      'chuck-rpm',
      'danger',
      `The chuck is marked ${joined(formatSpindleSpeed(limits.chuckRpm))}; this step turns ${joined(formatSpindleSpeed(plan.speed.rungRpm))}. Go down, however well it suits the cutter.`,
    );
  }
  const { colletsMm, largestDrillMm } = limits;
  if (setup.tool.kind === 'end-mill' && colletsMm && colletsMm.length > 0) {
    const shank = setup.tool.shankMm ?? setup.tool.diameterMm;
    if (!colletsMm.some((mm) => Math.abs(mm - shank) <= COLLET_FITS_MM))
      say(
        'collet',
        'caution',
        `No collet for a shank of ${length(shank)}: there are ${colletsMm.map((mm) => formatLength(mm, units).figure).join(', ')}. Never close one onto a shank it is not made for.`,
      );
  }
  if (
    setup.tool.kind === 'drill'
    && !lathe
    && largestDrillMm !== undefined
    && setup.tool.diameterMm > largestDrillMm
  ) {
    say(
      'largest-drill',
      'caution',
      `Larger than this spindle holds: ${length(largestDrillMm)}. Drill smaller and bore, or take another machine.`,
    );
  }
  return list;
}
