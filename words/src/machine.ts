import type { MachineKind, MeasureWay, WheelName } from '@pike-stone/core';

/** Name of each kind of machine within a sentence. */
export const MACHINE_WORDS: Readonly<Record<MachineKind, string>> = {
  lathe: 'lathe',
  'vertical-mill': 'vertical mill',
  'horizontal-mill': 'horizontal mill',
  'drill-press': 'drill press',
  shaper: 'shaper',
};

/** Ways to measure a true speed, in words. */
export const MEASURE_WORDS: Readonly<Record<MeasureWay, string>> = {
  tapped: 'tapped along with a mark',
  counted: 'turns counted by the watch',
  'friction-wheel': 'with a friction wheel',
  pulses: 'by the pulses of a tachometer',
};

/** Names of the handwheels. */
export const WHEEL_WORDS: Readonly<Record<WheelName, string>> = {
  compound: 'compound slide',
  carriage: 'carriage wheel',
  'cross-slide': 'cross-slide wheel',
  tailstock: 'tailstock wheel',
  table: 'table wheel',
  quill: 'quill wheel',
};
