import {
  bladeWidth,
  cutAngle,
  cutWay,
  firstThreadPass,
  formatDivisions,
  formatFeedPerTurn,
  formatFeedRate,
  formatLength,
  formatSeconds,
  formatSpindleSpeed,
  groovePlunges,
  isMill,
  feedPer,
  joined,
  OPERATIONS,
  setover,
  speedUnit,
  threadPasses,
  WHEEL_WORDS,
  type CutPlan,
  type CutSetup,
  type FeedStep,
  type Operation,
  type Shown,
  type UnitSystem,
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
  return setup.operation === 'shape'
    ? { label: 'Ram strokes', shown: { figure, unit: '/min' }, setting: plan.speed.setting }
    : { label: 'Spindle', shown: { figure, unit }, setting: plan.speed.setting };
}

export function sayFeed(plan: CutPlan, setup: CutSetup, units: UnitSystem): Said {
  const { setting, mmRev } = plan.feed;
  if (setting.how === 'hand') {
    const wheel = WHEEL_WORDS[setting.wheel];
    return {
      label: `By hand, ${wheel}`,
      shown: { figure: formatSeconds(setting.secondsPerTurn).figure, unit: 's a turn' },
      setting: `${joined(formatFeedRate(plan.feed.mmMin, units))}, ${joined(formatFeedPerTurn(mmRev, units, feedPer(setup)))}`,
    };
  }
  if (setting.how === 'screw') {
    const tpi = 25.4 / setting.pitchMm;
    return {
      label: 'Leadscrew',
      shown:
        units === 'mm'
          ? formatFeedPerTurn(setting.pitchMm, units)
          : { figure: String(Number(tpi.toFixed(1))), unit: 'tpi' },
      setting: 'half nuts, by the change gears',
    };
  }
  if (setting.how === 'strokes')
    return {
      label: 'By hand',
      shown: { figure: String(setting.perMin), unit: 'strokes/min' },
      setting: 'long and slow, a little sideways',
    };
  const label =
    OPERATIONS[setup.operation].fed === 'across'
      ? 'Cross feed'
      : setup.machine.kind === 'lathe'
        ? 'Carriage'
        : 'Table feed';
  return {
    label,
    shown:
      setting.per === 'min'
        ? formatFeedRate(setting.value, units)
        : formatFeedPerTurn(setting.value, units, feedPer(setup)),
    setting: setting.setting,
  };
}

/** Operations whose depth is not simply advanced. */
const OWN_DEPTH: Partial<
  Record<Operation, (setup: CutSetup, plan: CutPlan, units: UnitSystem) => Omit<Said, 'shown'>>
> = {
  thread: (setup, _, units) => ({
    label: 'Thread depth',
    setting: `${threadPasses(setup)} passes, the first ${joined(formatLength(firstThreadPass(setup), units))}`,
  }),
  taper: (setup, plan, units) => ({
    label: plan.depth.byHand ? 'Depth, yours' : 'Depth, start',
    setting: [
      cutWay(setup) === 'compound'
        ? `compound at ${Number(cutAngle(setup).toFixed(2))}°`
        : `${cutWay(setup) === 'set-over' ? 'tailstock' : 'centre'} over ${joined(formatLength(setover(setup.stickOutMm, cutAngle(setup)).mm, units))}`,
      plan.depth.dialDivisions === null ? '' : `${formatDivisions(plan.depth.dialDivisions)} divisions in`,
    ]
      .filter(Boolean)
      .join(', '),
  }),
  'centre-drill': (_, plan, units) => ({
    label: 'Go in to',
    setting: `mouth ⌀${joined(formatLength(plan.diameterMm, units))}`,
  }),
  plunge: () => ({ label: 'Clear chips', setting: 'lift out, then on' }),
  groove: (setup, plan) => ({
    label: plan.depth.byHand ? 'Depth, yours' : 'Depth, start',
    setting: [
      plan.depth.dialDivisions === null ? '' : `${formatDivisions(plan.depth.dialDivisions)} divisions in`,
      times(groovePlunges(bladeWidth(setup), plan.depth.widthInUseMm ?? 0)),
    ]
      .filter(Boolean)
      .join(', '),
  }),
  chamfer: () => ({ label: 'Chamfer', setting: 'by the compound or cross slide' }),
  knurl: (_, plan) => ({
    label: 'Press in',
    setting:
      plan.depth.dialDivisions === null
        ? 'in two or three passes'
        : `${formatDivisions(plan.depth.dialDivisions)} divisions, in two or three passes`,
  }),
  file: () => ({ label: 'Takes about', setting: 'no more: marks, not size' }),
  't-slot': () => ({ label: 'Head', setting: 'the cutter sets it' }),
  'form-mill': () => ({ label: 'Whole form', setting: 'hard metal in two cuts' }),
};
const times = (count: number): string => (count === 1 ? 'one plunge' : `${count} plunges side by side`);

export function sayDepth(plan: CutPlan, setup: CutSetup, units: UnitSystem): Said {
  const { depth } = plan;
  const shown = formatLength(depth.mm, units);
  if (setup.operation === 'part')
    return {
      label: 'Blade',
      shown,
      setting: `${joined(formatLength(setup.workDiameterMm / 2, units))} to the centre`,
    };
  if (setup.operation === 'ream')
    return {
      label: 'Leave for it',
      shown: formatLength(2 * depth.mm, units),
      setting: `drill ⌀${joined(formatLength(setup.tool.diameterMm - 2 * depth.mm, units))} or the next smaller`,
    };
  const own = OWN_DEPTH[setup.operation]?.(setup, plan, units);
  if (own) return { shown, ...own };
  if (setup.operation === 'drill') return { label: 'Clear chips', shown, setting: 'first depth' };
  const dial = depth.dialDivisions === null ? '' : `${formatDivisions(depth.dialDivisions)} divisions in`;
  const wide =
    depth.widthInUseMm !== null && !['mill-slot', 'ramp', 'saw'].includes(setup.operation)
      ? `${joined(formatLength(depth.widthInUseMm, units))} wide`
      : '';
  return {
    label: depth.byHand ? 'Depth, yours' : 'Depth, start',
    shown,
    setting:
      [dial, wide].filter(Boolean).join(', ')
      || (setup.machine.kind === 'lathe' ? 'set by the compound or carriage' : 'set by stop or slide'),
  };
}

export const sayFeedStep = (step: FeedStep, setup: CutSetup, units: UnitSystem): Shown =>
  isMill(setup.machine)
    ? formatFeedRate(step.value, units)
    : formatFeedPerTurn(step.value, units, feedPer(setup));
