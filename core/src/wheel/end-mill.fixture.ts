import type { EndMillJob } from './end-mill-job';
import { USUAL_ROUNDS, usualEndWish } from './end-mill-job';

/** A chipped four-flute cutter of 12 mm, on the operator's side, at a 60 mm wheel. */
export const millJob = (over: Partial<EndMillJob> = {}): EndMillJob => ({
  cutter: { diameterMm: 12, teeth: 4, fluteMm: 26, hand: 'right', centreCutting: false, material: 'hss' },
  wheel: {
    diameterMm: 60,
    markedMm: 63,
    widthMm: 10,
    form: 'straight',
    abrasive: 'white-alumina',
    spindleRpm: 8000,
    ratedMPerS: 35,
    ratedRpm: null,
    leastMm: 40,
  },
  wish: usualEndWish(12),
  wear: 'chipped',
  wearMm: 0.2,
  chipMm: 0.25,
  side: 'operator',
  ...USUAL_ROUNDS,
  holes: null,
  ...over,
});
