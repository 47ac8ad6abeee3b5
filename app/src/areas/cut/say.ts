import {
  formatDivisions, formatFeedPerTurn, formatFeedRate, formatLength, formatSeconds, formatSpindleSpeed, isMill, feedPer, joined, OPERATIONS, speedUnit, WHEEL_WORDS,
  type CutPlan, type CutSetup, type FeedStep, type Shown, type UnitSystem,
} from '@pike-stone/core';

/** The three results in the machine's own terms. */
export interface Said {
  readonly label: string;
  readonly shown: Shown;
  readonly setting: string;
}

export function saySpeed(plan: CutPlan, setup: CutSetup): Said {
  const { figure, unit } = formatSpindleSpeed(plan.speed.rungRpm, speedUnit(setup));
  // Beside a large figure there is no room for the whole unit: its first word stands in the label.
  return setup.operation === 'shape' ? { label: 'Ram strokes', shown: { figure, unit: '/min' }, setting: plan.speed.setting } : { label: 'Spindle', shown: { figure, unit }, setting: plan.speed.setting };
}

export function sayFeed(plan: CutPlan, setup: CutSetup, units: UnitSystem): Said {
  const { setting, mmRev } = plan.feed;
  if (setting.how === 'hand') {
    const wheel = WHEEL_WORDS[setting.wheel];
    return { label: `By hand, ${wheel}`, shown: { figure: formatSeconds(setting.secondsPerTurn).figure, unit: 's a turn' }, setting: `${joined(formatFeedRate(plan.feed.mmMin, units))}, ${joined(formatFeedPerTurn(mmRev, units, feedPer(setup)))}` };
  }
  const label = OPERATIONS[setup.operation].fed === 'across' ? 'Cross feed' : setup.machine.kind === 'lathe' ? 'Carriage' : 'Table feed';
  return { label, shown: setting.per === 'min' ? formatFeedRate(setting.value, units) : formatFeedPerTurn(setting.value, units, feedPer(setup)), setting: setting.setting };
}

export function sayDepth(plan: CutPlan, setup: CutSetup, units: UnitSystem): Said {
  const { depth } = plan;
  const shown = formatLength(depth.mm, units);
  if (setup.operation === 'part') return { label: 'Blade', shown, setting: `${joined(formatLength(setup.workDiameterMm / 2, units))} to the centre` };
  if (setup.operation === 'ream') return { label: 'Leave for it', shown: formatLength(2 * depth.mm, units), setting: `drill ⌀${joined(formatLength(setup.tool.diameterMm - 2 * depth.mm, units))} or the next smaller` };
  if (setup.operation === 'drill') return { label: 'Clear chips', shown, setting: 'first depth' };
  const dial = depth.dialDivisions === null ? '' : `${formatDivisions(depth.dialDivisions)} divisions in`;
  const wide = depth.widthInUseMm !== null && setup.operation !== 'mill-slot' ? `${joined(formatLength(depth.widthInUseMm, units))} wide` : '';
  return { label: depth.byHand ? 'Depth, yours' : 'Depth, start', shown, setting: [dial, wide].filter(Boolean).join(', ') || 'set by the compound or carriage' };
}

export const sayFeedStep = (step: FeedStep, setup: CutSetup, units: UnitSystem): Shown =>
  isMill(setup.machine) ? formatFeedRate(step.value, units) : formatFeedPerTurn(step.value, units, feedPer(setup));
