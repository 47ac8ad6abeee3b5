import type { EndTeethBody, ToolOf } from '@pike-stone/contract';
import type { ToolMaterialKey } from '@pike-stone/core';
import {
  USUAL_ROUNDS,
  USUAL_WEAR_MM,
  usualEndWish,
  type EndMillJob,
  type EndWheel,
} from '@pike-stone/core/wheel';
import { draftsNamed } from '../../../data/drafts';
import { groundMaterial } from '../ground-material';
import type { ShownWheel } from '../wheels/use-wheels';

/** Sharpening the ends of a cutter, as it is being planned. */
export interface MillDraft extends EndTeethBody {
  readonly name: string;
  readonly material: ToolMaterialKey;
  /** The wheel of the stores; null for the one that is described here. */
  readonly wheelId: string | null;
  readonly wheel: EndWheel;
}

/** Plans that were begun and not ground, by the tool, or 'any'. */
export const useMillDrafts = draftsNamed<MillDraft>('pike-end-mills');

/** A small wheel that many grinders come with. */
const ANY_WHEEL: EndWheel = {
  diameterMm: 60,
  markedMm: 60,
  widthMm: 10,
  form: 'straight',
  abrasive: 'white-alumina',
  spindleRpm: 8000,
  ratedMPerS: 35,
  ratedRpm: null,
  leastMm: 35,
};

/** A wheel of the stores as the end teeth are ground with it. */
export const endWheelOf = ({ record, use }: ShownWheel): EndWheel => ({
  diameterMm: record.body.diameterMm,
  markedMm: use.markedMm,
  widthMm: use.widthMm,
  form: record.body.form ?? 'straight',
  abrasive: use.abrasive,
  spindleRpm: use.grinder?.rpm ?? ANY_WHEEL.spindleRpm,
  ratedMPerS: use.ratedMPerS,
  ratedRpm: record.body.ratedRpm ?? null,
  leastMm: use.least.diameterMm,
});

/** The wheel that a plan begins with: one in the tool post, else the described one. */
const firstWheel = (wheels: readonly ShownWheel[]): ShownWheel | null =>
  wheels.find(({ use }) => use.grinder !== null && use.grinder.stands !== 'bench') ?? null;

const ANY_CUTTER = { diameterMm: 12, teeth: 4, fluteMm: 26, hand: 'right', centreCutting: false } as const;

/** A plan as it begins for a tool of the drawer, or for any cutter. */
export function freshDraft(tool: ToolOf<'end-mill'> | null, wheels: readonly ShownWheel[]): MillDraft {
  const wheel = firstWheel(wheels);
  const diameterMm = tool?.diameterMm ?? ANY_CUTTER.diameterMm;
  return {
    ...ANY_CUTTER,
    ...(tool && {
      diameterMm,
      teeth: tool.teeth,
      fluteMm: tool.fluteLengthMm,
      centreCutting: tool.centreCutting ?? false,
    }),
    name: tool?.name ?? 'A cutter',
    material: tool?.material ?? 'hss',
    wear: 'worn-land',
    ...USUAL_WEAR_MM['worn-land'],
    side: 'operator',
    ...usualEndWish(diameterMm),
    ...USUAL_ROUNDS,
    holes: null,
    wheelId: wheel?.record.id ?? null,
    wheel: wheel ? endWheelOf(wheel) : ANY_WHEEL,
  };
}

/** The question of a plan. A wheel of the stores is as it is now, not as it was when the plan was begun. */
export function jobOf(draft: MillDraft, wheels: readonly ShownWheel[]): EndMillJob {
  const shown = wheels.find(({ record }) => record.id === draft.wheelId);
  const { diameterMm, teeth, fluteMm, hand, centreCutting } = draft;
  return {
    cutter: { diameterMm, teeth, fluteMm, hand, centreCutting, material: groundMaterial(draft.material) },
    wheel: shown ? endWheelOf(shown) : draft.wheel,
    wish: {
      reliefDeg: draft.reliefDeg,
      secondDeg: draft.secondDeg,
      landMm: draft.landMm,
      dishDeg: draft.dishDeg,
    },
    wear: draft.wear,
    wearMm: draft.wearMm,
    chipMm: draft.chipMm,
    side: draft.side,
    infeedMm: draft.infeedMm,
    sparkOut: draft.sparkOut,
    holes: draft.holes,
    travelMm: draft.travelMm,
  };
}

/** What of a plan is kept with a sharpening. */
export const endTeethOf = ({
  name: _,
  material: _m,
  wheelId: _w,
  wheel: _e,
  ...rest
}: MillDraft): EndTeethBody => rest;
