import * as z from 'zod';
import { id, length, name, note } from '../fields';
import { cutChoice, namesThen, setNumbers } from './cut';

/** A setting that was proven: kept for one machine, piece of stock, tool and operation. */
export const provenBody = z.object({
  name,
  cut: cutChoice,
  set: setNumbers,
  diameterMm: length(0.2, 3_000),
  /** Belt, lever and dial as they are named on the machine. */
  steps: z.object({ speed: z.string().max(60), feed: z.string().max(60), depth: z.string().max(60) }),
  names: namesThen,
  /** The cut that it was kept from; null where it was typed. */
  fromCutId: id.nullable(),
  keptAt: z.iso.datetime(),
  note,
});
export type ProvenBody = z.infer<typeof provenBody>;
