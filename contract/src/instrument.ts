import * as z from 'zod';

/** The kinds of instruments, with name and unit. */
export const INSTRUMENTS = {
  tachometer: { name: 'Pulse tachometer', unit: 'pulses' },
  ammeter: { name: 'Clamp ammeter', unit: 'A' },
  caliper: { name: 'Caliper', unit: 'mm' },
  'angle-gauge': { name: 'Angle gauge', unit: 'deg' },
  balance: { name: 'Balance', unit: 'g' },
} as const;
export type InstrumentKind = keyof typeof INSTRUMENTS;
export const INSTRUMENT_KINDS = Object.keys(INSTRUMENTS) as [InstrumentKind, ...InstrumentKind[]];

/** `live`: lines come; `silent`: the line is open but nothing comes; `away`: it cannot be reached, it is tried again. */
const instrumentState = z.enum(['connecting', 'live', 'silent', 'away']);
export type InstrumentState = z.infer<typeof instrumentState>;

/** An event of the stream: the readings since the last one, in the instrument's own clock. */
export const instrumentEvent = z.object({
  state: instrumentState,
  /** True for the simulated one that ships with the product; null until it has said so. */
  standIn: z.boolean().nullable(),
  /** Seconds of the instrument's clock, in the order they came: late lines are out of order. */
  t: z.array(z.number()),
  /** What was read at each time; for a tachometer every time is a pulse and this is empty. */
  value: z.array(z.number()),
  /** Lines that could not be read since the last event. */
  bad: z.number().int().min(0),
});
export type InstrumentEvent = z.infer<typeof instrumentEvent>;

export const instrumentList = z.object({
  instruments: z.array(z.object({ kind: z.enum(INSTRUMENT_KINDS), name: z.string() })),
});
