import { feedPer, OPERATIONS, speedUnit, type CutPlan, type CutSetup } from '@pike-stone/core';
import { formatDivisions } from './dial';
import {
  formatFeedPerTurn,
  formatFeedRate,
  formatLength,
  formatSeconds,
  formatSpindleSpeed,
  joined,
  type UnitSystem,
} from './format';
import { WHEEL_WORDS } from './machine';
import type { Said } from './operation/operation-words';
import { OPERATION_WORDS } from './operation/words-of';

/** The speed in the machine's own terms. */
export function saySpeed(plan: CutPlan, setup: CutSetup): Said {
  const shown = formatSpindleSpeed(plan.speed.rungRpm, speedUnit(setup));
  const { setting } = plan.speed;
  // A large figure leaves no room for the whole unit, so its first word is put into the label.
  return shown.unit === 'rpm'
    ? { label: 'Spindle', shown, setting }
    : { label: 'Ram strokes', shown: { figure: shown.figure, unit: '/min' }, setting };
}

/** The feed in the machine's own terms. */
export function sayFeed(plan: CutPlan, setup: CutSetup, units: UnitSystem): Said {
  const { setting, mmRev, mmMin } = plan.feed;
  const perTurn = (mm: number) => formatFeedPerTurn(mm, units, feedPer(setup));
  switch (setting.how) {
    case 'hand':
      return {
        label: `By hand, ${WHEEL_WORDS[setting.wheel]}`,
        shown: { figure: formatSeconds(setting.secondsPerTurn).figure, unit: 's a turn' },
        setting: `${joined(formatFeedRate(mmMin, units))}, ${joined(perTurn(mmRev))}`,
      };
    case 'screw':
      return {
        label: 'Leadscrew',
        shown:
          units === 'mm'
            ? formatFeedPerTurn(setting.pitchMm, units)
            : { figure: String(Number((25.4 / setting.pitchMm).toFixed(1))), unit: 'tpi' },
        setting: 'half nuts, by the change gears',
      };
    case 'strokes':
      return {
        label: 'By hand',
        shown: { figure: String(setting.perMin), unit: 'strokes/min' },
        setting: 'long and slow, a little sideways',
      };
    case 'lever':
      return {
        label: leverLabel(setup),
        shown: setting.per === 'min' ? formatFeedRate(setting.value, units) : perTurn(setting.value),
        setting: setting.setting,
      };
  }
}

/** Which feed the lever sets. */
function leverLabel(setup: CutSetup): string {
  if (OPERATIONS[setup.operation].feeding(setup) === 'across') return 'Cross feed';
  return setup.machine.kind === 'lathe' ? 'Carriage' : 'Table feed';
}

/** The depth in the machine's own terms. */
export function sayDepth(plan: CutPlan, setup: CutSetup, units: UnitSystem): Said {
  const { depth } = plan;
  const words = OPERATION_WORDS[setup.operation];
  const dial = depth.dialDivisions === null ? '' : `${formatDivisions(depth.dialDivisions)} divisions in`;
  const wide =
    depth.widthInUseMm !== null && !words.widthGoesWithoutSaying
      ? `${joined(formatLength(depth.widthInUseMm, units))} wide`
      : '';
  const without = setup.machine.kind === 'lathe' ? 'set by the compound or carriage' : 'set by stop or slide';
  return {
    label: depth.byHand ? 'Depth, yours' : 'Depth, start',
    shown: formatLength(depth.mm, units),
    setting: [dial, wide].filter(Boolean).join(', ') || without,
    ...words.depth?.(setup, plan, units),
  };
}
