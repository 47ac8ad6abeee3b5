import { OPERATION_KEYS, OUTCOMES, VERDICTS, WAYS } from '@pike-stone/core';
import * as z from 'zod';
import { between, id, length, REMARK_LENGTH } from '../fields';

/** Choices of the person at the machine; null where the plan's value was taken. */
export const cutChoice = z.object({
  machineId: id,
  stockId: id,
  toolId: id,
  operation: z.enum(OPERATION_KEYS),
  workDiameterMm: length(0.5, 3_000),
  /** Measured size of the cutter when it is not what the drawer says. */
  cutterDiameterMm: length(0.2, 500).nullable(),
  stickOutMm: length(0.5, 5_000),
  support: z.enum(['chuck', 'chuck-and-centre', 'between-centres']),
  fluid: z.enum(['dry', 'brush', 'flood']),
  interrupted: z.boolean(),
  firstPassOnSkin: z.boolean(),
  depthMm: length(0.005, 500).nullable(),
  widthMm: length(0.01, 500).nullable(),
  rpmByHand: between(1, 30_000, 'rpm').nullable(),
  feedByHand: between(0.001, 5_000).nullable(),
  /** Values that only some operations ask for; missing in entries older than those operations. */
  lengthMm: length(0.1, 5_000).nullish(),
  angleDeg: between(0.1, 89, 'degrees').nullish(),
  pitchMm: length(0.1, 25).nullish(),
  way: z.enum(WAYS).nullish(),
  /** A thread runs out into a groove or past the end, and not toward a shoulder. */
  runOut: z.boolean().nullish(),
});
export type CutChoice = z.infer<typeof cutChoice>;

/** What a cut has of which nothing was said. */
export const UNSAID_CHOICE = {
  cutterDiameterMm: null,
  support: 'chuck',
  fluid: 'brush',
  interrupted: false,
  firstPassOnSkin: false,
  depthMm: null,
  widthMm: null,
  rpmByHand: null,
  feedByHand: null,
} as const satisfies Partial<CutChoice>;

/** A key of the rule base, as `long-ribbon`. The server knows which there are. */
export const ruleKey = z
  .string()
  .regex(/^[a-z]+(-[a-z]+)*$/)
  .max(30);
/** How a speed or a feed was, as the cut showed it; null where it told nothing. */
const verdict = z.enum(VERDICTS).nullish();

/** Speed, feed and depth: planned, or as really set. */
export const setNumbers = z.object({
  rpm: between(1, 30_000, 'rpm'),
  feedMmRev: between(0.001, 25, 'mm/rev'),
  depthMm: length(0.005, 500),
});

/** Names of machine, stock and tool on that day. */
export const namesThen = z.object({
  machine: z.string().max(60),
  stock: z.string().max(60),
  tool: z.string().max(60),
});

/** A past cut in the book. */
export const cutBody = cutChoice.extend({
  takenAt: z.iso.datetime(),
  names: namesThen,
  diameterMm: length(0.2, 3_000),
  planned: setNumbers.extend({
    setting: z.string().max(60),
    aimMPerMin: between(0.01, 5_000, 'm/min'),
    /** Aim and feed before the shop's own factor; missing where none was applied. */
    tableMPerMin: between(0.01, 5_000, 'm/min').nullish(),
    tableFeedMmRev: between(0.0005, 50, 'mm/rev').nullish(),
  }),
  set: setNumbers,
  outcome: z.enum(OUTCOMES),
  /** The run that it was a trial of, what was changed before it, and whether that was better. */
  runId: id.nullish(),
  changed: ruleKey.nullish(),
  better: z.boolean().nullish(),
  signs: z.array(ruleKey).max(20, 'No more than 20 signs.').nullish(),
  speedWas: verdict,
  feedWas: verdict,
  measured: z
    .object({
      sizeMm: length(0.01, 5_000),
      raUm: between(0.01, 200, 'μm'),
      netPowerW: between(0.1, 100_000, 'W'),
      wearMm: length(0.001, 10),
    })
    .partial()
    .nullish(),
  /** A picture is kept under the cut's id. */
  photo: z.boolean().nullish(),
  remark: z.string().trim().max(REMARK_LENGTH, `Keep the remark under ${REMARK_LENGTH} characters.`),
});
export type CutBody = z.infer<typeof cutBody>;
