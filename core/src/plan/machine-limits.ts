import type { CutPlan } from '../operation/cut-plan';
import type { Finding } from '../operation/finding';
import { operationOf, type CutSetup } from '../operation/registry';

/** Shanks and collets that differ by less than this fit each other, mm. */
const COLLET_FITS_MM = 0.25;

/** Limits of the machine that this set-up exceeds. Limits that are not known say nothing. */
export function limitFindings(setup: CutSetup, plan: CutPlan): Finding[] {
  const { turns } = operationOf(setup);
  const lathe = setup.machine.kind === 'lathe';
  return [
    ...(turns === 'work' && lathe ? workLimits(setup) : []),
    ...(turns === 'stroke' ? strokeLimit(setup) : []),
    ...(lathe ? [...shankLimit(setup), ...chuckLimit(setup, plan)] : []),
    ...toolLimits(setup),
  ];
}

/** Work that does not swing, or is longer than the lathe takes. */
function workLimits({ machine: { limits = {} }, workDiameterMm, stickOutMm }: CutSetup): Finding[] {
  const list: Finding[] = [];
  const { centreHeightMm, overSlideMm, betweenCentresMm } = limits;
  const swingMm = limits.swingMm ?? (centreHeightMm === undefined ? Infinity : 2 * centreHeightMm);
  if (workDiameterMm > swingMm)
    list.push({ code: 'swing', level: 'danger', workMm: workDiameterMm, mostMm: swingMm });
  else if (overSlideMm !== undefined && workDiameterMm > overSlideMm)
    list.push({ code: 'over-slide', level: 'caution', mostMm: overSlideMm });
  if (betweenCentresMm !== undefined && stickOutMm > betweenCentresMm)
    list.push({ code: 'between-centres', level: 'danger', mostMm: betweenCentresMm });
  return list;
}

/** Work as long as the ram goes: its stroke must clear both ends. */
function strokeLimit({ machine: { limits }, workDiameterMm }: CutSetup): Finding[] {
  const mostMm = limits?.strokeMm ?? Infinity;
  return workDiameterMm >= mostMm ? [{ code: 'stroke', level: 'danger', mostMm }] : [];
}

/** A shank that stands above the centre. */
function shankLimit({ tool, machine: { limits } }: CutSetup): Finding[] {
  const mostMm = limits?.toolHeightMm ?? Infinity;
  const shankMm = tool.kind === 'turning-tool' ? (tool.shankMm ?? 0) : 0;
  return shankMm > mostMm ? [{ code: 'tool-height', level: 'danger', shankMm, mostMm }] : [];
}

/** A speed step above what is marked on the chuck. */
function chuckLimit({ machine: { limits } }: CutSetup, { speed }: CutPlan): Finding[] {
  const markedRpm = limits?.chuckRpm ?? Infinity;
  return speed.rungRpm > markedRpm
    ? [{ code: 'chuck-rpm', level: 'danger', markedRpm, rpm: speed.rungRpm }]
    : [];
}

/** A cutter without a collet, a drill larger than the spindle holds. */
function toolLimits({ tool, machine: { kind, limits = {} } }: CutSetup): Finding[] {
  const { colletsMm = [], largestDrillMm = Infinity } = limits;
  if (tool.kind === 'end-mill' && colletsMm.length > 0) {
    const shankMm = tool.shankMm ?? tool.diameterMm;
    const held = colletsMm.some((mm) => Math.abs(mm - shankMm) <= COLLET_FITS_MM);
    return held ? [] : [{ code: 'collet', level: 'caution', shankMm, colletsMm }];
  }
  if (tool.kind === 'drill' && kind !== 'lathe' && tool.diameterMm > largestDrillMm)
    return [{ code: 'largest-drill', level: 'caution', mostMm: largestDrillMm }];
  return [];
}
