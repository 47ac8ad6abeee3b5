import { operationOf } from '../operation/registry';
import { chooseInstrument, type Instrument, type InstrumentChoice } from './instrument-choice';
import type { JudgedTool } from './judged-tool';

const of = (
  name: string,
  features: readonly string[],
  resolutionMm: number,
  uExpandedMm: number,
  cost: number,
  minMm: number,
  maxMm: number,
): Instrument => ({ name, features, resolutionMm, uExpandedMm, cost, minMm, maxMm });

/** Instruments of a toolroom with typical uncertainties (k = 2), mm, and prices. */
const USUAL_INSTRUMENTS: readonly Instrument[] = [
  of('Steel rule', ['outside', 'depth'], 0.5, 0.3, 8, 0, 1000),
  of('Caliper', ['outside', 'depth'], 0.01, 0.03, 35, 0, 150),
  of('Caliper, inside jaws', ['inside'], 0.01, 0.04, 35, 5, 150),
  of('Outside micrometer 0 to 25', ['outside'], 0.01, 0.004, 45, 0, 25),
  of('Outside micrometer 25 to 50', ['outside'], 0.01, 0.005, 60, 25, 50),
  of('Outside micrometer 50 to 75', ['outside'], 0.01, 0.006, 75, 50, 75),
  of('Micrometer with a 0.001 thimble', ['outside'], 0.001, 0.002, 130, 0, 25),
  of('Telescopic gauge and micrometer', ['inside'], 0.01, 0.015, 70, 8, 150),
  of('Dial bore gauge set in a ring', ['inside'], 0.001, 0.004, 240, 18, 60),
  of('Depth micrometer', ['depth'], 0.01, 0.006, 90, 0, 100),
];

/** The usual rule of four: a tolerance four times as wide as the whole spread of a reading. */
const RATIO = 4;

/** What measures a tolerance; a form has a template, and some sizes nothing in a usual toolroom. */
export type Measured = InstrumentChoice | 'template' | null;

/** The size of a planned cut that its tolerance lies on, mm; a cutter that mills outside leaves that of the work. */
function measuredSizeMm({ setup, plan }: Pick<JudgedTool, 'setup' | 'plan'>): number {
  const operation = operationOf(setup);
  if (operation.measured === 'depth') return plan.depth.mm;
  const given = plan.depth.afterDiameterMm ?? operation.toolMakesMm?.(setup);
  return given ?? (operation.turns === 'cutter' ? setup.workDiameterMm : plan.diameterMm);
}

/** What the size of a planned cut is measured with, to a tolerance of this whole width, mm. */
export function measuredWith(cut: Pick<JudgedTool, 'setup' | 'plan'>, toleranceWidthMm: number): Measured {
  const { measured } = operationOf(cut.setup);
  return measured === 'form' ? 'template' : usualInstrument(measured, measuredSizeMm(cut), toleranceWidthMm);
}

/** The usual instrument for a size outside, inside or deep, mm; null where none reaches it. */
export const usualInstrument = (
  feature: 'outside' | 'inside' | 'depth',
  sizeMm: number,
  toleranceWidthMm: number,
): InstrumentChoice | null =>
  chooseInstrument({ feature, sizeMm, toleranceWidthMm, ratioWanted: RATIO }, USUAL_INSTRUMENTS);
