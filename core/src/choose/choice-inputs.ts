import { positive, within } from '../quantity/out-of-range';

/** How the chip of a metal comes off, as far as it decides between HSS and carbide. */
export type ChipKind = 'short' | 'medium' | 'stringy';
/** The insert that carbide would be. */
export type InsertKind = 'coated' | 'uncoated' | 'polished-sharp-uncoated' | 'aluminium-bearing-coating';
export const INSERT_KINDS = [
  'coated',
  'uncoated',
  'polished-sharp-uncoated',
  'aluminium-bearing-coating',
] as const satisfies readonly InsertKind[];

/** A job and a machine, as the choice between high speed steel and carbide sees them. */
export interface ChoiceInputs {
  /** Cutting speed of the machine's top usable step at this diameter. */
  readonly reachableMPerMin: number;
  /** Low end of carbide's speeds in this metal. */
  readonly carbideLowMPerMin: number;
  readonly powerAvailableKw: number;
  readonly powerNeededKw: number;
  /** 0 tired or tiny, 0.5 ordinary, 1 rigid. */
  readonly stiffness: number;
  readonly hardnessHb: number;
  readonly depthMm: number;
  readonly noseRadiusMm: number;
  /** Radius of the insert's cutting edge itself, micrometres. */
  readonly edgeRadiusUm: number;
  readonly feedMm: number;
  /** 0 none, 1 light (keyway, cross hole), 2 heavy (hexagon, shaper). */
  readonly interruption: number;
  readonly specialForm: boolean;
  readonly parts: number;
  readonly hssCostPerPart: number;
  readonly carbideCostPerPart: number;
  readonly finishRaUm: number;
  readonly handFeed: boolean;
  readonly chip: ChipKind;
  readonly breakerInRange: boolean;
  /** Soft metal that welds to the edge. */
  readonly gummy: boolean;
  readonly insert: InsertKind;
  readonly abrasive: boolean;
  /** Strong when hot: stainless, titanium, nickel alloys. */
  readonly hotAlloy: boolean;
  readonly carbideInDrawer: boolean;
  readonly hssInDrawer: boolean;
}

/**
 * The same inputs, checked.
 * @throws OutOfRange naming the value
 */
export function checkedChoice(of: ChoiceInputs): ChoiceInputs {
  positive('reachable speed', of.reachableMPerMin);
  positive('carbide’s lowest speed', of.carbideLowMPerMin);
  positive('power available', of.powerAvailableKw);
  positive('power needed', of.powerNeededKw);
  within('stiffness', of.stiffness, 0, 1);
  positive('hardness', of.hardnessHb);
  positive('depth', of.depthMm);
  positive('nose radius', of.noseRadiusMm);
  positive('edge radius', of.edgeRadiusUm);
  positive('feed', of.feedMm);
  within('interruption', of.interruption, 0, 2);
  positive('number of parts', of.parts);
  positive('HSS cost of a part', of.hssCostPerPart);
  positive('carbide cost of a part', of.carbideCostPerPart);
  positive('roughness wanted', of.finishRaUm);
  return of;
}
