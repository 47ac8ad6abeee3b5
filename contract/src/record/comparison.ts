import * as z from 'zod';
import { between, id, length, name, note } from '../fields';
import { cutChoice, setNumbers } from './cut';

/** Most readings that a comparison holds. */
export const MOST_READINGS = 60;

/** How the motor is fed, and what its current means. */
const gauge = z.object({
  supply: z.enum(['dc', 'single', 'three']),
  method: z.enum(['dc', 'power-factors', 'quadrature']),
  volts: between(5, 1_000, 'V'),
  pfIdle: between(0.01, 1),
  pfCut: between(0.01, 1),
  efficiency: between(0.05, 1),
  resolutionA: between(0.0001, 10, 'A'),
  /** Top of the gauge's range; null where it is not known. */
  topA: between(0.1, 10_000, 'A').nullable(),
});
export type GaugeBody = z.infer<typeof gauge>;

/** One reading of one side: the two currents where the motor is the gauge, else the value itself. */
const reading = z.object({
  id,
  side: z.enum(['a', 'b']),
  at: z.iso.datetime(),
  /** Net power (W), roughness (um), wear (mm), or the place in a list of named grades. */
  value: between(0, 1e6),
  idleA: between(0, 10_000, 'A').nullable(),
  cutA: between(0, 10_000, 'A').nullable(),
});

/** Two tools, fluids or settings under the same cut. */
export const comparisonBody = z.object({
  name,
  what: z.enum(['tool', 'fluid', 'setting']),
  measure: z.enum(['power', 'finish', 'wear', 'chip']),
  a: cutChoice,
  b: cutChoice,
  /** Speed, feed and depth of each side; alike where tools or fluids are compared. */
  setA: setNumbers,
  setB: setNumbers,
  diameterMm: length(0.2, 3_000),
  gauge,
  /** What must stay equal and was looked at. */
  equal: z.array(z.string().max(30)).max(20),
  readings: z.array(reading).max(MOST_READINGS, `No more than ${MOST_READINGS} readings.`),
  /** A difference within this does not matter. */
  matters: between(0, 1e6),
  startedAt: z.iso.datetime(),
  note,
});
export type ComparisonBody = z.infer<typeof comparisonBody>;
