import type { HandFile, KnurlingTool } from '../../tool/tool';
import type { Operation } from '../operation';

/** What knurling and filing share: the work turns, and no chip asks anything of the spindle. */
export const uncut = {
  turns: 'work',
  ways: [],
  standsOut: 'work',
  supported: true,
  fullWidth: null,
  edgeHeight: null,
  depthIsChosen: false,
  easesDepth: false,
  depthOnRadius: false,
  diameterChange: null,
  measured: 'outside',
  widthIsChosen: false,
  stopsAtMiddle: false,
  surface: null,
  breaksChip: false,
  stepUpsDownTo: null,
  leadsTo: [],
  readAs: 'hss',
  rimDiameterMm: (job) => job.workDiameterMm,
  depthFactors: () => [],
  spindleLoad: () => null,
  edgeLoad: () => null,
  chipThicknessMm: (_job, { feed }) => feed.mmRev,
  toothChipMm: () => null,
  passLengthMm: (job) => job.stickOutMm,
  cuttingLengthMm: () => null,
} satisfies Partial<Operation<KnurlingTool | HandFile>>;
