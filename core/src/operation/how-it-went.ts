/** How a cut went, as the person at the machine says it. */
export const OUTCOMES = ['worked', 'so-so', 'did-not-work'] as const;
export type Outcome = (typeof OUTCOMES)[number];

/** How a speed or a feed was, as a cut showed it: a feed is "too slow" when it is too fine. */
export const VERDICTS = ['too-slow', 'right', 'too-fast'] as const;
export type Verdict = (typeof VERDICTS)[number];
