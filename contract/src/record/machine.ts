import { BELT_SECTIONS, pulleyLeast } from '@pike-stone/core';
import * as z from 'zod';
import { ascending, between, length, name, note, setting, whole } from '../fields';

/** The way a true speed was measured, and its uncertainty. */
const measured = z.object({
  how: z.enum(['tapped', 'counted', 'friction-wheel', 'pulses']),
  uRel: between(0, 1),
  on: z.iso.datetime(),
});
const speedStep = z.object({
  rpm: between(0.5, 30_000, 'rpm'),
  setting,
  measured: measured.optional(),
  /** Position of the drive that gives the speed, and the uncertainty of the computed speed. */
  position: z.string().max(40).optional(),
  computed: z.object({ uRel: between(0, 1) }).optional(),
  torqueNm: between(0.001, 100_000, 'N·m').optional(),
  torqueLimit: z.enum(['motor', 'belt-slip']).optional(),
});
const feedStep = z.object({ value: between(0.001, 5_000), setting });

const wheel = z.object({ travelPerTurnMm: length(0.1, 300), divisions: whole(1, 2_000) });
const dial = wheel.extend({ reads: z.enum(['radius', 'diameter']), backlashMm: length(0, 10) });

const partName = z
  .string()
  .trim()
  .min(1, 'Give the part a name.')
  .max(20, 'Keep the name of a part under 20 characters.');
const teeth = whole(8, 400);
const trainOf = {
  driversTeeth: z.array(teeth).min(1, 'Give the driving gears.').max(3),
  drivenTeeth: z.array(teeth).min(1, 'Give the driven gears.').max(3),
};

const belt = z
  .object({
    kind: z.literal('belt'),
    name: partName,
    section: z.enum(['toothed', ...BELT_SECTIONS]),
    thicknessMm: length(0.5, 30).optional(),
    slipPercent: between(0, 10, '%'),
    pullN: between(1, 20_000, 'N').optional(),
    pairs: z
      .array(z.object({ driverMm: length(1, 2_000), drivenMm: length(1, 2_000) }))
      .min(1, 'A belt needs at least one pair of pulleys.')
      .max(8, 'No more than 8 steps on a cone.'),
  })
  .superRefine(({ section, thicknessMm, pairs }, context) => {
    if ((section === 'flat' || section === 'round') && thicknessMm === undefined)
      context.addIssue({
        code: 'custom',
        path: ['thicknessMm'],
        message: 'A flat or round belt needs its thickness.',
      });
    const least = section === 'toothed' ? 8 : pulleyLeast(section, thicknessMm);
    pairs.forEach((pair, i) => {
      for (const side of ['driverMm', 'drivenMm'] as const) {
        if (pair[side] < least)
          context.addIssue({
            code: 'custom',
            path: ['pairs', i, side],
            message:
              section === 'toothed'
                ? 'A toothed pulley has at least 8 teeth.'
                : `This belt runs inside the rim: the outside must be more than ${least} mm.`,
          });
      }
    });
  });
const lever = z.object({
  kind: z.literal('lever'),
  name: partName,
  positions: z
    .array(
      z.object({
        name: z.string().trim().min(1, 'Name the position.').max(12),
        driverTeeth: between(1, 10_000),
        drivenTeeth: between(1, 10_000),
      }),
    )
    .min(1, 'A lever needs at least one position.')
    .max(12),
});
const backGear = z
  .object({ kind: z.literal('back-gear'), ...trainOf })
  .refine(({ driversTeeth, drivenTeeth }) => driversTeeth.length === drivenTeeth.length, {
    path: ['drivenTeeth'],
    message: 'As many driving as driven gears.',
  });
const variable = z
  .object({
    kind: z.literal('variable'),
    name: partName,
    slowest: between(0.01, 20),
    fastest: between(0.01, 20),
  })
  .refine(({ slowest, fastest }) => fastest > slowest, {
    path: ['fastest'],
    message: 'The fastest must be above the slowest.',
  });

/** The drive from the motor to the spindle. */
const drive = z.object({
  motorRpm: z
    .array(between(50, 30_000, 'rpm'))
    .min(1, 'Give the speed of the motor.')
    .max(2, 'A motor has one speed or two.')
    .superRefine(ascending((rpm) => rpm, 'Motor speeds')),
  stages: z
    .array(z.discriminatedUnion('kind', [belt, lever, backGear, variable]))
    .min(1, 'The drive needs at least one belt or gear.')
    .max(8, 'No more than 8 parts.'),
});

const motor = z.object({
  powerKw: between(0.02, 100, 'kW'),
  phases: z.literal([1, 3]),
  efficiency: between(0.2, 1),
});

/** Limits of a machine, left out where they are not known. */
const limits = z
  .object({
    swingMm: length(10, 5_000),
    overSlideMm: length(10, 5_000),
    betweenCentresMm: length(10, 20_000),
    centreHeightMm: length(5, 2_500),
    toolHeightMm: length(2, 200),
    spindleBoreMm: length(1, 1_000),
    colletsMm: z.array(length(0.5, 100)).max(60, 'No more than 60 collets.'),
    chuckRpm: between(10, 30_000, 'rpm'),
    largestDrillMm: length(0.5, 200),
    strokeMm: length(10, 2_000),
  })
  .partial();

const check = z.object({
  spindlePlayMm: length(0, 5),
  gibSlackMm: length(0, 5),
  backlashMm: length(0, 5),
  belt: z.enum(['grips', 'slips-when-loaded', 'slips-early']),
  on: z.iso.datetime(),
});

const banjo = z.object({
  leadscrewPitchMm: length(0.2, 50),
  fixedRatio: between(0.001, 100),
  feedRatio: between(0.001, 10),
  owned: z.array(teeth).min(2, 'Give at least two gears.').max(40, 'No more than 40 gears.'),
  drivers: z.array(teeth).min(1).max(2),
  driven: z.array(teeth).min(1).max(2),
});

const anyMachine = {
  name,
  condition: z.enum(['rigid', 'ordinary', 'tired']),
  check: check.optional(),
  light: z.boolean(),
  speeds: z
    .array(speedStep)
    .min(1, 'Give at least one speed.')
    .max(60, 'No more than 60 speeds.')
    .superRefine(ascending((step) => step.rpm, 'Speeds')),
  feeds: z
    .array(feedStep)
    .max(80, 'No more than 80 feeds.')
    .superRefine(ascending((step) => step.value, 'Feeds')),
  motor: motor.optional(),
  drive: drive.optional(),
  limits: limits.optional(),
  note,
};
const millParts = { tableWheel: wheel, kneeDial: dial, quillWheel: wheel };

const lathe = z.object({
  ...anyMachine,
  kind: z.literal('lathe'),
  crossFeedRatio: between(0.05, 2),
  carriageWheel: wheel,
  crossSlide: dial,
  tailstockWheel: wheel,
  compoundSlide: dial.optional(),
  banjo: banjo.optional(),
});
const verticalMill = z.object({ ...anyMachine, kind: z.literal('vertical-mill'), ...millParts });
const horizontalMill = z.object({ ...anyMachine, kind: z.literal('horizontal-mill'), ...millParts });
const drillPress = z.object({ ...anyMachine, kind: z.literal('drill-press'), quillWheel: wheel });
const shaper = z.object({
  ...anyMachine,
  kind: z.literal('shaper'),
  returnRatio: between(1, 3),
  tableWheel: wheel,
  toolSlide: dial,
});

/** A machine of the shop. */
export const machineBody = z.discriminatedUnion('kind', [
  lathe,
  verticalMill,
  horizontalMill,
  drillPress,
  shaper,
]);
export type MachineBody = z.infer<typeof machineBody>;
export type MachineOf<K extends MachineBody['kind']> = Extract<MachineBody, { kind: K }>;
export type DriveBody = z.infer<typeof drive>;
