import { HARDENING_FLOOR, workHardens } from '../material/work-hardening';
import { isOverCap } from '../operation/cut-plan';
import type { Finding, FindingCode } from '../operation/finding';
import { operationOf } from '../operation/registry';
import { leavesReserve, powerShare } from '../plan/power-share';
import { isBeyond } from '../quantity/beyond';
import type { PlannedSetting, SetParameter } from './setting';

/** Why a change cannot be made on this machine. */
export type Blocked =
  /** It has no further step. */
  | 'no-step'
  /** The chuck, the carriage or the ram must not go faster. */
  | 'cap'
  /** The chart of metal and edge ends before it. */
  | 'chart'
  /** The nose or the tooth takes no heavier feed. */
  | 'edge'
  /** A hand winds no faster. */
  | 'hand'
  /** The power of the speed step ends. */
  | 'power'
  /** Work, bar or cutter would give way too far. */
  | 'springs'
  /** The edges of the cutter are no longer than that. */
  | 'length'
  /** The chip would be thinner than the edge cuts, or than a metal that hardens lets pass. */
  | 'rubs'
  /** The work gives it: a pitch, a form, a hole. */
  | 'given'
  /** The cut is a danger as it is set already, or for a reason that no step of the machine changes. */
  | 'danger';

/** Findings of a cut at a setting: all, and those that it did not have as it was set before. */
interface SettingFindings {
  readonly found: readonly Finding[];
  readonly fresh: readonly Finding[];
}

/** Why a setting is not proposed as a change of one parameter; null when it can be. */
export function settingRefusal(
  planned: PlannedSetting,
  { found, fresh }: SettingFindings,
  parameter: SetParameter,
  direction: 'more' | 'less',
): Blocked | null {
  const danger = found.find(({ level }) => level === 'danger');
  // A danger that the cut has as it was set is not this change's: no limit of it is told.
  if (danger) return (fresh.includes(danger) && BY_DANGER[danger.code]) || 'danger';
  if (direction === 'less') return hardeningRefusal(planned, fresh, parameter);
  const { speed, feed } = planned.plan;
  if (parameter === 'speed' && isOverCap(speed, speed.rungRpm)) return 'cap';
  if (parameter === 'feed' && isBeyond(feed.mmRev, feed.highMmRev)) return 'edge';
  const isWoundToTheLimit = feed.setting.how === 'hand' && feed.setting.handIsLimit;
  if (parameter !== 'depth' && isWoundToTheLimit) return 'hand';
  const { share } = powerShare(planned.setup, planned.plan);
  if (share !== null && !leavesReserve(share)) return 'power';
  return found.some(({ code }) => code === 'springs') ? 'springs' : null;
}

/** Limit that a danger of a cut stands for; the others are dangers of the set-up itself. */
const BY_DANGER: Readonly<Partial<Record<FindingCode, Blocked>>> = {
  'chuck-rpm': 'cap',
  'thread-fast': 'cap',
  'too-fast': 'chart',
  power: 'power',
  'flute-length': 'length',
  slender: 'springs',
};

/** Findings of an edge that rubs instead of cutting. */
const RUBBING: readonly FindingCode[] = ['rubbing', 'depth-rubs', 'no-feed-window'];

/** In a metal that hardens, less feed or depth must not begin to rub, nor go under the floor of the metal. */
function hardeningRefusal(
  { setup, plan: { metal, feed, depth } }: PlannedSetting,
  fresh: readonly Finding[],
  parameter: SetParameter,
): Blocked | null {
  if (parameter === 'speed' || !workHardens(metal)) return null;
  if (fresh.some(({ code }) => RUBBING.includes(code))) return 'rubs';
  if (operationOf(setup).surface !== 'nose') return null;
  const isUnder =
    parameter === 'feed' ? feed.mmRev < HARDENING_FLOOR.feedMmRev : depth.mm < HARDENING_FLOOR.depthMm;
  return isUnder ? 'rubs' : null;
}
