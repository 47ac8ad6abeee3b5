import type { BitBody, ToolBody } from '@pike-stone/contract';
import { isInsert } from '@pike-stone/core';
import {
  grindSteps,
  minutesAtWheel,
  regrindFor,
  volumeOffFace,
  type GrindStep,
} from '@pike-stone/core/grind';
import {
  ANGLE_BANDS,
  CHANGE_MIN,
  endMillFindings,
  endMillPlan,
  leanAt,
  SET_UP_MIN,
  stopsSharpening,
  wheelChoice,
  type GroundMaterial,
  type RoundCosts,
  type RoundJob,
  type TiltBand,
} from '@pike-stone/core/wheel';
import { unlessRefused } from '@pike-stone/core';
import { STEP_NAMES } from '@pike-stone/words/grind';
import type { LeftOut } from '@pike-stone/words/wheel';
import { freshBit, planOf } from '../../grind/bit-model';
import { leftOf } from '../../grind/left-of';
import { freshDraft, jobOf } from '../end-mill/draft';
import { groundMaterial } from '../ground-material';
import type { ShownWheel } from '../wheels/use-wheels';

/** A dull tool or bit. */
export type Dull =
  | { readonly of: 'tools'; readonly id: string; readonly body: ToolBody; readonly nothingLeft: boolean }
  | { readonly of: 'bits'; readonly id: string; readonly body: BitBody };

/** What a round is made of, and what is left out of it. */
export interface RoundWork {
  readonly jobs: readonly RoundJob[];
  readonly leftOut: readonly { readonly id: string; readonly name: string; readonly why: LeftOut }[];
  /** Names of faces by their key. */
  readonly faceOf: Readonly<Record<string, string>>;
  /** Turn on the rest of each face of a bit, by its id and face. */
  readonly turnOf: ReadonlyMap<string, number>;
}

/** What is taken where no wheel of the shop fits. */
const ANY_WHEEL = {
  steel: { rough: 'coarse wheel', finish: 'fine wheel' },
  carbide: { rough: 'green wheel', finish: 'diamond wheel' },
  post: 'wheel in the tool post',
  stones: 'stones',
} as const;

const STAGE = { rough: 0, finish: 1, stone: 2 } as const;
/** Minutes of a drill, and at the stones. */
const MINUTES = { drill: 4, stone: 2 } as const;

const FORMS_SENT_OUT: readonly ToolBody['kind'][] = [
  'reamer',
  'slitting-saw',
  'form-cutter',
  't-slot-cutter',
  'dovetail-cutter',
  'face-mill',
  'knurling-tool',
  'file',
];

/** Id of the wheel to rough or to finish a material on; a name where the shop has none. */
export function wheelFor(
  wheels: readonly ShownWheel[],
  material: GroundMaterial,
  stage: 'rough' | 'finish',
): string {
  const offered = wheels
    .filter(({ use }) => !use.usedUp && !use.overSpeed && use.grinder?.stands !== 'tool-post')
    .map(({ record, use }) => ({
      id: record.id,
      abrasive: use.abrasive,
      grit: use.grit,
      mounted: use.grinder !== null,
    }));
  return (
    wheelChoice(offered, material, stage)?.id
    ?? ANY_WHEEL[material === 'carbide' ? 'carbide' : 'steel'][stage]
  );
}

const band = (wantedDeg: number, feature: keyof typeof ANGLE_BANDS): TiltBand => {
  const [below, above] = ANGLE_BANDS[feature];
  return { wantedDeg, lowDeg: wantedDeg - below, highDeg: wantedDeg + above };
};

/**
 * How far a wheel leans where its rest holds the edge, degrees: so much less its rest tilts for the same face.
 * 0 where its rest was never noted.
 */
const leanOf = (wheels: readonly ShownWheel[], wheel: string): number => {
  const shown = wheels.find(({ record }) => record.id === wheel);
  const heightMm = shown?.use.rest?.set.heightMm ?? 0;
  return heightMm === 0 || !shown ? 0 : leanAt(heightMm, shown.record.body.diameterMm / 2);
};

/** The tilt of a step without the lean of the wheel that it was planned on. */
const tiltOf = (
  { key, setting, swing }: GrindStep,
  planLeanDeg: number,
  leanDeg: number,
): TiltBand | null => {
  const deg = setting?.tiltDeg ?? swing?.tiltDeg;
  return deg === undefined
    ? null
    : band(deg + planLeanDeg - leanDeg, key === 'rake' ? 'bit-rake' : 'bit-relief');
};

/** The faces of a bit that a touch-up grinds, and its stones. */
function bitJobs(
  { id, body }: Extract<Dull, { of: 'bits' }>,
  wheels: readonly ShownWheel[],
): readonly RoundJob[] {
  const plan = planOf(body);
  if (unlessRefused(() => grindSteps(plan), []).length === 0) return [];
  const material = groundMaterial(body.material);
  const planLean = leanAt(plan.wheel.contactMm, plan.wheel.diameterMm / 2);
  const { steps, stockMm } = regrindFor(plan, { wear: 'blunt', sizeMm: null });
  const minutes = minutesAtWheel(volumeOffFace(plan.blank, stockMm));
  return steps.map((step): RoundJob => {
    const job = { of: id, face: step.key, tilt: null, minutes: MINUTES.stone };
    if (step.wheel === 'stone' || step.wheel === 'round')
      return { ...job, wheel: ANY_WHEEL.stones, setUp: 'stone', stage: STAGE.stone };
    const stage = step.wheel === 'fine' ? 'finish' : 'rough';
    const wheel = wheelFor(wheels, material, stage);
    return {
      ...job,
      wheel,
      tilt: tiltOf(step, planLean, leanOf(wheels, wheel)),
      setUp: 'rest',
      stage: STAGE[stage],
      minutes,
    };
  });
}

/** How the faces of a bit are turned on the rest. */
const turnsOf = ({ id, body }: Extract<Dull, { of: 'bits' }>): readonly (readonly [string, number])[] =>
  unlessRefused(() => grindSteps(planOf(body)), []).flatMap(({ key, setting }) =>
    setting ? [[`${id}/${key}`, setting.turnDeg] as const] : [],
  );

/** Steel of a bit from what the edge of its tool is made of. */
const bitSteel = (material: ToolBody['material']): BitBody['material'] =>
  material === 'hss' || material === 'hss-co' || material === 'carbon-steel' ? material : 'brazed-carbide';

/** What a tool of the drawer needs; the reason when it is not ground in the round. */
function toolJobs(
  { id, body, nothingLeft }: Extract<Dull, { of: 'tools' }>,
  wheels: readonly ShownWheel[],
): readonly RoundJob[] | LeftOut {
  if (isInsert(body.material)) return 'insert';
  if (nothingLeft) return 'past-saving';
  if (FORMS_SENT_OUT.includes(body.kind)) return 'send-out';
  const material = groundMaterial(body.material);
  const job = { of: id, tilt: null };
  if (body.kind === 'end-mill') {
    const draft = freshDraft(body, wheels);
    const question = jobOf(draft, wheels);
    const plan = unlessRefused(() => endMillPlan(question), null);
    const stops = plan ? endMillFindings(question, plan).filter(stopsSharpening) : [];
    if (stops.some(({ code }) => code === 'too-much-stock')) return 'past-saving';
    if (!plan || stops.length > 0) return 'send-out';
    return [
      {
        ...job,
        face: 'end-teeth',
        wheel: draft.wheelId ?? ANY_WHEEL.post,
        setUp: 'end-teeth',
        stage: STAGE.rough,
        minutes: plan.grindMin,
      },
    ];
  }
  if (body.kind === 'drill' || body.kind === 'centre-drill')
    return [
      {
        ...job,
        face: 'point',
        wheel: wheelFor(wheels, material, 'finish'),
        setUp: 'drill',
        stage: STAGE.finish,
        minutes: MINUTES.drill,
      },
    ];
  // A bit that was never drawn is ground as the general one.
  const general = freshBit({ shape: 'general', name: body.name });
  return bitJobs({ of: 'bits', id, body: { ...general, material: bitSteel(body.material) } }, wheels);
}

/** Faces by their key as they are called in the list. */
const FACES: Readonly<Record<string, string>> = { ...STEP_NAMES, 'end-teeth': 'End teeth', point: 'Point' };

/** The work of a round from everything dull in the shop. */
export function roundWork(dull: readonly Dull[], wheels: readonly ShownWheel[]): RoundWork {
  const each = dull.map((one) => {
    if (one.of === 'bits')
      return { one, made: leftOf(one.body) < 1 ? 'past-saving' : bitJobs(one, wheels) } as const;
    return { one, made: toolJobs(one, wheels) } as const;
  });
  return {
    jobs: each.flatMap(({ made }) => (typeof made === 'string' ? [] : made)),
    leftOut: each.flatMap(({ one, made }) =>
      typeof made === 'string' ? [{ id: one.id, name: one.body.name, why: made }] : [],
    ),
    faceOf: FACES,
    turnOf: new Map(dull.flatMap((one) => (one.of === 'bits' ? turnsOf(one) : []))),
  };
}

/** What changes cost: set-ups, wheels, rests. */
export const roundCosts = (wheels: readonly ShownWheel[]): RoundCosts => ({
  wheels: Object.fromEntries(
    wheels.map(({ record, use }) => [
      record.id,
      {
        changeMin: use.grinder ? CHANGE_MIN.mounted : CHANGE_MIN.notMounted,
        tiltDeg: use.rest?.set.tiltDeg ?? null,
      },
    ]),
  ),
  setUpMin: SET_UP_MIN,
  restMin: CHANGE_MIN.rest,
});
