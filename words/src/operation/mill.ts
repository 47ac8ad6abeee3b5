import {
  rampDeg,
  slotsDeep,
  type BoringBar,
  type CutPlan,
  type DovetailCutter,
  type EndMill,
  type FaceMill,
  type FlyCutter,
  type FormCutter,
  type SlittingSaw,
  type TSlotCutter,
} from '@pike-stone/core';
import { formatAngle } from '../format';
import { boringStart } from './lathe';
import type { OperationWords } from './operation-words';

const CUTTER = 'outside of the cutter';

/** Why a slot starts as deep as it does, in steel and in soft metal. */
const slotWhy = ({ metal }: CutPlan): string =>
  slotsDeep(metal.iso513)
    ? 'one diameter in soft metal; half of that on a tired machine'
    : 'half the diameter in one pass; half of that on a tired machine';

const millSide: OperationWords<EndMill> = {
  verb: 'Side-mill',
  about: 'along an edge with the side of the cutter',
  diameter: CUTTER,
  depthWhy: () => 'one diameter deep at an eighth of the diameter wide',
};

const millSlot: OperationWords<EndMill> = {
  verb: 'Slot',
  about: 'full width of the cutter',
  diameter: CUTTER,
  widthGoesWithoutSaying: true,
  depthWhy: slotWhy,
};

const plunge: OperationWords<EndMill> = {
  verb: 'Plunge',
  about: 'straight down with an end mill',
  diameter: CUTTER,
  pass: 'to the first clearing of the chips',
  depthWhy: () => 'half the diameter before the chips are lifted out',
  depth: () => ({ label: 'Clear chips', setting: 'lift out, then on' }),
};

const ramp: OperationWords<EndMill> = {
  verb: 'Ramp down into',
  about: 'down at a slope into a pocket',
  figures: { angle: 'Slope of the ramp' },
  diameter: CUTTER,
  widthGoesWithoutSaying: true,
  depthWhy: slotWhy,
  details: (setup) => [
    {
      key: 'slope',
      kind: 'choice',
      label: 'Slope',
      value: formatAngle(rampDeg(setup)),
      reason: 'under three degrees an end without centre teeth still rubs',
    },
  ],
};

const faceMill: OperationWords<FaceMill> = {
  verb: 'Face-mill',
  about: 'a flat with inserts',
  diameter: CUTTER,
  depthWhy: () => 'face mill start',
};

const flyCut: OperationWords<FlyCutter> = {
  verb: 'Fly-cut',
  about: 'a broad flat with one tooth',
  figures: { diameter: 'Tip circle' },
  diameter: 'twice the reach of its tip',
  depthWhy: () => 'one tooth, one blow each turn: little depth',
};

const saw: OperationWords<SlittingSaw> = {
  verb: 'Saw',
  about: 'a thin cut, or through',
  figures: { diameter: 'Diameter of the saw' },
  diameter: 'outside of the saw',
  width: 'Width of the saw',
  widthGoesWithoutSaying: true,
  depthWhy: () => 'three teeth in the cut at once; more pack the gullets, less hammer',
};

const millBore: OperationWords<BoringBar> = {
  verb: 'Bore',
  called: 'Bore with a boring head',
  about: 'a true hole with the boring head',
  figures: { diameter: 'Bore after this cut' },
  diameter: 'the bore as it will be',
  pass: 'as deep as the bar reaches',
  depthWhy: (_plan, units) => boringStart(units),
};

const formMill: OperationWords<FormCutter> = {
  verb: 'Form-mill',
  about: 'a profile or a gear tooth',
  diameter: 'outside of the cutter: the flanks run slower',
  width: 'Width of the form',
  depthWhy: () => 'the whole form; in hard metal in two cuts',
  depth: () => ({ label: 'Whole form', setting: 'hard metal in two cuts' }),
};

const tSlot: OperationWords<TSlotCutter> = {
  verb: 'Cut a T-slot in',
  about: 'under a neck slot',
  diameter: 'outside of the head',
  depthWhy: () => 'the head of the cutter; the neck slot is milled before',
  depth: () => ({ label: 'Head', setting: 'the cutter sets it' }),
};

const dovetail: OperationWords<DovetailCutter> = {
  verb: 'Cut a dovetail in',
  about: 'a slanted way',
  figures: { angle: 'Angle of the dovetail' },
  diameter: 'the large end of the cutter',
  depthWhy: () => 'as deep as the head reaches; the room is roughed square before',
};

/** Words of the operations of a mill. */
export const MILL_WORDS = {
  'mill-side': millSide,
  'mill-slot': millSlot,
  plunge,
  ramp,
  'face-mill': faceMill,
  'fly-cut': flyCut,
  saw,
  'mill-bore': millBore,
  'form-mill': formMill,
  't-slot': tSlot,
  dovetail,
} as const;
