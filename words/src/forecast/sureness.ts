import { speedUnit, type CutSetup } from '@pike-stone/core';
import type { BestChange, Change, Doubt, HowSure } from '@pike-stone/core/forecast';
import { formatPercent, formatSpindleSpeed, joined } from '../format';

const DOUBT_WORDS: Readonly<Record<Doubt, string>> = {
  chart: 'the chart is that wide',
  'speed-step': 'the speed of the step is known no better',
  metal: 'the metal is a guess',
  edge: 'the edge is dull',
};
const CHANGE_WORDS: Readonly<Record<Change, string>> = {
  fluid: 'oil by brush',
  sharpen: 'a sharp edge',
  'know-the-metal': 'knowing the metal',
  shorten: 'shorter out',
  tailstock: 'the tailstock up',
};

/** How sure a start is, as a figure and a reason. */
export function saySureness({ share, lowRpm, highRpm, largest }: HowSure, setup: CutSetup) {
  const high = joined(formatSpindleSpeed(highRpm, speedUnit(setup)));
  return {
    figure: `±${formatPercent(share)}`,
    reason: `${formatSpindleSpeed(lowRpm).figure} to ${high}: ${DOUBT_WORDS[largest]}`,
  };
}

/** The one change that gains most, as a figure and what it is. */
export const sayBestChange = (best: BestChange | null) =>
  best === null
    ? { figure: 'nothing', reason: 'no single change gains a twentieth' }
    : { figure: `+${formatPercent(best.times - 1)}`, reason: CHANGE_WORDS[best.change] };
