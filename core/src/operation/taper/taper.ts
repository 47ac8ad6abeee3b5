import { setover, setoverLimit } from '../../setting/taper';
import type { TurningTool } from '../../tool/tool';
import { turnedOutside } from '../family/turned-outside';
import type { Finding } from '../finding';
import type { Job } from '../job';
import type { Operation } from '../operation';
import { smallEndMm, TAPER_WAYS, taperHalfDeg, taperLengthMm, taperWay } from './taper-geometry';

/** Travel of a common compound slide, mm. */
const COMPOUND_TRAVEL_MM = 80;

function wayFindings(job: Job<TurningTool>): Finding[] {
  switch (taperWay(job)) {
    case 'set-over': {
      const over: Finding[] = setover(job.stickOutMm, taperHalfDeg(job)).overLimit
        ? [{ code: 'set-over', level: 'caution', mostMm: setoverLimit(job.stickOutMm) }]
        : [];
      return [...over, { code: 'set-over-reset', level: 'note' }];
    }
    case 'offset-head':
      return [{ code: 'offset-level', level: 'caution' }];
    case 'compound':
      return taperLengthMm(job) > COMPOUND_TRAVEL_MM
        ? [{ code: 'compound-travel', level: 'note', travelMm: COMPOUND_TRAVEL_MM }]
        : [];
  }
}

/** A cone, by the compound slide, the tailstock set over, or a centre in an offset head. */
export const taper: Operation<TurningTool> = {
  ...turnedOutside,
  asks: { lengthMm: taperLengthMm, angleDeg: taperHalfDeg },
  ways: TAPER_WAYS,
  usualStickOutMm: 80,
  diameterChange: null,
  measured: 'form',
  stepUpsDownTo: null,
  leadsTo: [],
  caution: 'taper',
  // Round a compound slide no power feed goes.
  feeding: (job) => (taperWay(job) === 'compound' ? 'compound' : 'along'),
  passLengthMm: taperLengthMm,
  findings: (job) =>
    smallEndMm(job) <= 0
      ? [{ code: 'taper-point', level: 'danger' }]
      : [...wayFindings(job), { code: 'taper-height', level: 'note' }],
};
