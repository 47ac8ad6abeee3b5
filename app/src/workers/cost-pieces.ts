import { costTrials, histogram, quantile } from '@pike-stone/core/choose';
import type { CostAnswer, CostQuestion } from './cost-question';

/** Trials between two looks at whether the answer is still wanted. */
const PIECE = 5_000;
const STEPS = 48;
/** Shares of the trials between which costs are drawn: the far tail would press the rest together. */
const SHOWN = { least: 0.002, most: 0.99 } as const;

const breath = () => new Promise<void>((resolve) => setTimeout(resolve, 0));

/** The cost of a part by many trials, in pieces: it tells how far it is and can be given up. */
export function costWork() {
  let running = 0;
  return {
    /** @returns null when it was given up, or another question came */
    async spread(question: CostQuestion, onShare: (share: number) => void): Promise<CostAnswer | null> {
      running += 1;
      const mine = running;
      const { seed, trials, fixed, uncertain } = question;
      const made = costTrials(seed, trials, fixed, uncertain);
      while (made.done < trials) {
        made.run(PIECE);
        onShare(made.done / trials);
        await breath();
        if (mine !== running) return null;
      }
      const { hssCosts, carbideCosts, differenceMean: _mean, ...found } = made.result();
      const low = Math.min(quantile(hssCosts, SHOWN.least), quantile(carbideCosts, SHOWN.least));
      const high = Math.max(quantile(hssCosts, SHOWN.most), quantile(carbideCosts, SHOWN.most));
      const counts = (costs: Float64Array) => histogram(costs, low, high, STEPS);
      return { ...found, low, high, hssCounts: counts(hssCosts), carbideCounts: counts(carbideCosts) };
    },
    stop(): void {
      running += 1;
    },
  };
}
export type CostWork = ReturnType<typeof costWork>;
