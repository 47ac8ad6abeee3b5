import type { BoringBar } from '../../tool/tool';
import { bored } from '../family/bored';
import { crossSlide } from '../family/turned-outside';
import type { Operation } from '../operation';

/** Inside a hole, along it, on the lathe. */
export const bore: Operation<BoringBar> = {
  ...bored(crossSlide),
  usualStickOutMm: 40,
  leadsTo: ['to-size'],
  caution: 'boring',
  feeding: () => 'along',
};
