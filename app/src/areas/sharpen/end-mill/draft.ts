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

/** What a plan takes over of a cutter of the drawer. */
interface DrawerSizes extends Pick<EndTeethBody, 'diameterMm' | 'teeth' | 'fluteMm' | 'centreCutting'> {
  readonly name: string;
  readonly material: ToolMaterialKey;
}

/** Sharpening the ends of a cutter, as it is being planned. */
export interface MillDraft extends EndTeethBody {
  readonly name: string;
  readonly material: ToolMaterialKey;
  /** The cutter as the drawer had it when the plan was begun; null for one that is not in the drawer. */
  readonly drawerHad: DrawerSizes | null;
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

const ANY_CUTTER: DrawerSizes = {
  name: 'A cutter',
  material: 'hss',
  diameterMm: 12,
  teeth: 4,
  fluteMm: 26,
  centreCutting: false,
};

/** The cutter of a plan as the drawer has it. */
const sizesOf = (body: ToolOf<'end-mill'>): DrawerSizes => ({
  name: body.name,
  material: body.material,
  diameterMm: body.diameterMm,
  teeth: body.teeth,
  fluteMm: body.fluteLengthMm,
  centreCutting: body.centreCutting ?? false,
});

/** A kept plan with what was changed of its cutter in the drawer since; what was typed in the plan stays. */
export function upToDate(kept: MillDraft, body: ToolOf<'end-mill'> | null): MillDraft {
  if (!body) return kept;
  const now = sizesOf(body);
  const had: Partial<DrawerSizes> = kept.drawerHad ?? {};
  const changed = Object.entries(now).filter(([key, value]) => had[key as keyof DrawerSizes] !== value);
  return changed.length === 0 ? kept : { ...kept, ...Object.fromEntries(changed), drawerHad: now };
}

/** A plan as it begins for a tool of the drawer, or for any cutter. */
export function freshDraft(body: ToolOf<'end-mill'> | null, wheels: readonly ShownWheel[]): MillDraft {
  const wheel = firstWheel(wheels);
  const cutter = body ? sizesOf(body) : ANY_CUTTER;
  const { diameterMm } = cutter;
  return {
    ...cutter,
    drawerHad: body ? cutter : null,
    hand: 'right',
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
  drawerHad: _d,
  wheelId: _w,
  wheel: _e,
  ...rest
}: MillDraft): EndTeethBody => rest;
