import type { BoringBar } from '../../tool/tool';
import { bored } from '../family/bored';
import type { Operation } from '../operation';

/** A boring head is never in balance: above this the spindle shakes, rpm; what is marked on it counts. */
const FAST_RPM = 800;

/** A true hole with a boring head, on the mill. */
export const millBore: Operation<BoringBar> = {
  ...bored(() => null),
  usualStickOutMm: 50,
  leadsTo: [],
  caution: 'boring-head',
  feeding: () => 'tailstock',
  findings: (_job, { speed }) =>
    speed.rungRpm > FAST_RPM ? [{ code: 'head-fast', level: 'caution', rpm: speed.rungRpm }] : [],
};
