import type { BitBody, ToolBody } from '@pike-stone/contract';
import { isInsert } from '@pike-stone/core';
import { grindSteps, minutesAtWheel, regrindFor, type GrindStep } from '@pike-stone/core/grind';
import {
  abrasiveFor,
  ANGLE_BANDS,
  endMillFindings,
  endMillPlan,
  FINISHING_GRIT,
  leanAt,
  type GroundMaterial,
  type RoundCosts,
  type RoundJob,
  type TiltBand,
} from '@pike-stone/core/wheel';
import { unlessRefused } from '@pike-stone/core';
import { STEP_NAMES } from '@pike-stone/words/grind';
import type { LeftOut } from '@pike-stone/words/wheel';
import { planOf } from '../../grind/bit-model';
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

/** Wheels that nobody described yet. */
const ANY_WHEEL = {
  rough: 'coarse wheel',
  finish: 'fine wheel',
  post: 'wheel in the tool post',
  stones: 'stones',
} as const;

const STAGE = { rough: 0, finish: 1, stone: 2 } as const;
/** Minutes of a drill, of a face that is not drawn, at the stones, and for a pass over an end tooth. */
const MINUTES = { drill: 4, face: 2, stone: 2, pass: 0.35 } as const;
/** Off a face of a dull edge, mm. */
const TOUCH_UP_MM = 0.1;
/** Tilts of the rest for a bit that was never drawn: side and front of the general one. */
const GENERAL: readonly (readonly [face: string, deg: number])[] = [
  ['side', 9.8],
  ['front', 7.9],
];

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

/** The wheel for a material at a stage: suitable before possible, mounted before not, the grit that fits. */
export function wheelFor(
  wheels: readonly ShownWheel[],
  material: GroundMaterial,
  stage: 'rough' | 'finish',
): string {
  const worth = ({ use }: ShownWheel): number => {
    const verdict = use.abrasive === null ? 'unsuitable' : abrasiveFor(material, use.abrasive);
    if (use.usedUp || use.overSpeed || verdict === 'unsuitable' || use.grinder?.stands === 'tool-post')
      return -Infinity;
    const fine = use.grit !== null && use.grit > FINISHING_GRIT;
    return (verdict === 'suitable' ? 2 : 0) + (use.grinder ? 3 : 0) + (fine === (stage === 'finish') ? 4 : 0);
  };
  const best = wheels.reduce<ShownWheel | null>(
    (most, one) => (worth(one) > (most ? worth(most) : -Infinity) ? one : most),
    null,
  );
  return best?.record.id ?? ANY_WHEEL[stage];
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

const bitMaterial = ({ material }: BitBody): GroundMaterial =>
  material === 'brazed-carbide' ? 'carbide' : material === 'carbon-steel' ? 'carbon-steel' : 'hss';

/** The faces of a bit that a touch-up grinds, and its stones. */
function bitJobs(
  { id, body }: Extract<Dull, { of: 'bits' }>,
  wheels: readonly ShownWheel[],
): readonly RoundJob[] {
  const plan = planOf(body);
  if (unlessRefused(() => grindSteps(plan), []).length === 0) return [];
  const material = bitMaterial(body);
  const planLean = leanAt(plan.wheel.contactMm, plan.wheel.diameterMm / 2);
  const volume = TOUCH_UP_MM * plan.blank.widthMm * plan.blank.heightMm;
  return regrindFor(plan, { wear: 'blunt', sizeMm: null }).steps.map((step): RoundJob => {
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
      minutes: minutesAtWheel(volume),
    };
  });
}

/** How the faces of a bit are turned on the rest. */
const turnsOf = ({ id, body }: Extract<Dull, { of: 'bits' }>): readonly (readonly [string, number])[] =>
  unlessRefused(() => grindSteps(planOf(body)), []).flatMap(({ key, setting }) =>
    setting ? [[`${id}/${key}`, setting.turnDeg] as const] : [],
  );

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
    if (!plan || endMillFindings(question, plan).some(({ code }) => code === 'too-much-stock'))
      return 'past-saving';
    const passes = plan.rounds.passes + (plan.secondRounds?.passes ?? 0);
    return [
      {
        ...job,
        face: 'end-teeth',
        wheel: draft.wheelId ?? ANY_WHEEL.post,
        setUp: 'end-teeth',
        stage: STAGE.rough,
        minutes: passes * MINUTES.pass,
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
  const wheel = wheelFor(wheels, material, 'finish');
  return [
    ...GENERAL.map(([face, deg]): RoundJob => ({
      ...job,
      face,
      wheel,
      setUp: 'rest',
      stage: STAGE.finish,
      tilt: band(deg - leanOf(wheels, wheel), 'bit-relief'),
      minutes: MINUTES.face,
    })),
    {
      ...job,
      face: 'hone',
      wheel: ANY_WHEEL.stones,
      setUp: 'stone',
      stage: STAGE.stone,
      minutes: MINUTES.stone,
    },
  ];
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

/** Minutes to come to a wheel that is mounted, and to one that is not. */
const CHANGE_MIN = { mounted: 0.5, notMounted: 10 } as const;

/** What changes cost: set-ups, wheels, rests. Typical minutes. */
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
  setUpMin: { rest: 1, drill: 1, 'free-hand': 0.5, 'end-teeth': 18, stone: 1 },
  restMin: 1.5,
});
