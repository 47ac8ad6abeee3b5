import {
  cutPlan,
  firstThreadPass,
  stepUps,
  threadPasses,
  type CutPlan,
  type CutSetup,
  type ThreadingTool,
  type Tool,
} from '@pike-stone/core';
import { compareCutters, finishWish, forecast, sweep, toBreak, whatLimits } from '@pike-stone/core/forecast';
import { cautions, sayDepth, sayFeed, saySpeed, warnings } from '@pike-stone/words';
import { refusals } from '@pike-stone/words/misfit';
import { working } from '@pike-stone/words/working';
import { sayForecast } from '@pike-stone/words/forecast';
import type { Case } from './cases';

/** What is told of one cut: every number by a name of its own, and every sentence in the order it is said. */
export interface Told {
  readonly numbers: Readonly<Record<string, number | null>>;
  readonly sentences: readonly string[];
}

/** Every number inside a value, by the path that leads to it. */
function numbersOf(value: unknown, path: string, into: Record<string, number | null>): void {
  if (typeof value === 'number') into[path] = Number(value.toPrecision(DIGITS));
  else if (value !== null && typeof value === 'object')
    for (const [key, inner] of Object.entries(value)) numbersOf(inner, `${path}.${key}`, into);
}
const DIGITS = 9;

const planNumbers = ({ diameterMm, speed, feed, depth }: CutPlan) => ({
  diameterMm,
  speed: {
    range: speed.range,
    factors: speed.factors,
    aim: speed.aimMPerMin,
    ideal: speed.idealRpm,
    shortcut: speed.shortcut,
    choice: speed.choice,
    rpm: speed.rungRpm,
    band: speed.bandRpm,
  },
  feed: {
    wanted: feed.wantedMmRev,
    base: feed.baseMm,
    low: feed.lowMmRev,
    high: feed.highMmRev,
    turning: feed.turning,
    tooth: feed.tooth,
    mmRev: feed.mmRev,
    setting: feed.setting,
  },
  depth: {
    wanted: depth.wantedMm,
    start: depth.startMm,
    mm: depth.mm,
    width: depth.widthInUseMm,
    dial: depth.dialDivisions,
    after: depth.afterDiameterMm,
    before: depth.beforeDiameterMm,
  },
});

const isThread = (setup: CutSetup): setup is CutSetup<ThreadingTool> => setup.tool.kind === 'threading-tool';

/** Compared and swept for every so many cases: these take many plans each. */
const COMPARED_EVERY = 12;

export function told({ setup, rules, units }: Case, index: number, cutters: readonly Tool[]): Told {
  const refused = refusals(setup, units);
  if (refused.length > 0) return { numbers: {}, sentences: refused };
  const plan = cutPlan(setup, rules);
  const found = forecast(setup, plan);
  const numbers: Record<string, number | null> = {};
  numbersOf(planNumbers(plan), 'plan', numbers);
  const { chip, ...rest } = found;
  numbersOf(
    { ...rest, chip: chip && { index: chip.breakIndex, curl: chip.curlMm, thickness: chip.thicknessMm } },
    'forecast',
    numbers,
  );
  numbersOf(
    whatLimits(setup, plan, found).map(({ found: { high, low } }) => [high, low]),
    'limits',
    numbers,
  );
  numbersOf(toBreak(setup, plan), 'break', numbers);
  numbersOf(finishWish(setup, plan, 3.2), 'finish', numbers);
  numbersOf(
    stepUps(setup, plan, rules).map(({ rpm, diameterMm }) => [rpm, diameterMm]),
    'step-up',
    numbers,
  );
  if (isThread(setup)) numbersOf([threadPasses(setup), firstThreadPass(setup)], 'thread', numbers);
  if (index % COMPARED_EVERY === 0) {
    numbersOf(
      sweep(setup, rules, 'feed').filter((_, i) => i % 12 === 0),
      'sweep',
      numbers,
    );
    if (setup.machine.kind.endsWith('mill'))
      numbersOf(
        compareCutters(setup, cutters, rules, { lengthMm: 150, widthMm: 80, depthMm: 1, pattern: 'one-way' })
          .slice(0, 3)
          .map(({ rpm, feedMmMin, share, area }) => ({ rpm, feedMmMin, share, minutes: area.minutes })),
        'area',
        numbers,
      );
  }
  const lines = (['speed', 'feed', 'depth'] as const).flatMap((result) =>
    working(result, setup, plan, rules, units).map(({ key, kind, label, value, reason = '', source = '' }) =>
      [key, kind, label, value, reason, source].join('|'),
    ),
  );
  const said = [saySpeed(plan, setup), sayFeed(plan, setup, units), sayDepth(plan, setup, units)].map(
    ({ label, shown, setting }) => [label, shown.figure, shown.unit, setting].join('|'),
  );
  const warned = [...warnings(setup, plan, units), ...cautions(setup, plan)].map(({ key, level, text }) =>
    [key, level, text].join('|'),
  );
  const rows = sayForecast(found, setup, plan, units).flatMap(({ key, title, value, level, lines: more }) => [
    [key, level ?? '', title, value].join('|'),
    ...more,
  ]);
  return { numbers, sentences: [...lines, ...said, ...warned, ...rows] };
}
