import { type CutPlan, type CutSetup } from '@pike-stone/core';
import { toBreak, type ChipClass, type Forecast } from '@pike-stone/core/forecast';
import { formatFeedPerTurn, formatPercent, joined, type UnitSystem } from '../format';
import { grooved, sayGround } from './ground';
import { sayLength, type ForecastRow } from './row';

/** What each kind of chip looks like. */
export const CHIP_WORDS: Readonly<Record<ChipClass, string>> = {
  ribbon: 'Ribbon, straight and endless',
  tangle: 'Tangle, a thin snarl',
  'flat-spiral': 'Flat spiral, like a clock spring',
  'long-helix': 'Long helix',
  'short-helix': 'Short helix',
  'arc-pieces': 'Broken arcs: the aim',
  'loose-bits': 'Loose bits, short crumbs',
  dust: 'Dust',
};
const CHIP_CHANGE: Partial<Record<ChipClass, string>> = {
  ribbon:
    'To break it: more feed, one lever at a time; then a step ground behind the edge. Stop, then a hook, never fingers.',
  tangle: 'To break it: more feed, or more depth; a thin snarl catches on work and hands. Stop, then a hook.',
  'long-helix': 'On a finishing cut let it be.',
  'loose-bits': 'Hard on the edge when the metal is not brittle: a little less feed.',
  dust: 'Keep it off the ways and out of the air you breathe.',
};

/** What would break the chip: a feed or depth from the model, else a chip breaker on the tool. */
function sayToBreak(setup: CutSetup, plan: CutPlan, units: UnitSystem): string[] {
  const found = toBreak(setup, plan);
  if (!found) return [];
  const ways = [
    found.feedMmRev === null
      ? ''
      : `a feed of ${joined(formatFeedPerTurn(found.feedMmRev, units))}${found.setting ? ` (${found.setting})` : ''}`,
    found.depthMm === null ? '' : `${sayLength(found.depthMm, units)} deep`,
  ].filter(Boolean);
  return [
    ways.length > 0
      ? `By the model it breaks at ${ways.join(', or ')}.`
      : 'No feed or depth that edge, work and machine let pass breaks it: a step ground behind the edge, less rake or a smaller nose does.',
  ];
}

/** The chip to expect, what else it may be, and what would break it. */
export function chipRow(
  { chip }: Forecast,
  setup: CutSetup,
  plan: CutPlan,
  units: UnitSystem,
): ForecastRow | null {
  if (!chip) return null;
  const ground = sayGround(setup.tool);
  const others = chip.possible.filter((one) => one !== chip.chip);
  return {
    key: 'chip',
    title: 'Chip',
    value: CHIP_WORDS[chip.chip],
    level: chip.chip === 'ribbon' || chip.chip === 'tangle' ? 'caution' : null,
    lines: [
      others.length > 0
        ? `It may also be: ${others.map((one) => CHIP_WORDS[one].split(/[,:]/)[0]!.toLowerCase()).join(', ')}. Curl and breaking strain are known within about 30 %.`
        : 'Fairly sure: the model says the same within its spread.',
      ...sayToBreak(setup, plan, units),
      ...(CHIP_CHANGE[chip.chip] ? [CHIP_CHANGE[chip.chip]!] : []),
      `${grooved(setup.tool) ? 'Told with the chip breaker that is ground into it' : 'Told for a rake without a breaker'}; strained to ${formatPercent(chip.breakIndex)} of what this metal stands before it breaks.`,
      ...(ground ? [ground] : []),
    ],
  };
}
