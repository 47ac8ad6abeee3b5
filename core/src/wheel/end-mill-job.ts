import type { GroundMaterial } from './abrasive';
import type { Abrasive, MillWear, WheelForm } from './wheel-names';

/** The cutter, as far as its end teeth are concerned. */
export interface EndCutter {
  readonly diameterMm: number;
  readonly teeth: number;
  readonly fluteMm: number;
  readonly hand: 'right' | 'left';
  readonly centreCutting: boolean;
  readonly material: GroundMaterial;
}

/** The wheel on the grinder in the lathe's tool post. */
export interface EndWheel {
  /** As it measures now. */
  readonly diameterMm: number;
  /** As marked, for its rating. */
  readonly markedMm: number;
  readonly widthMm: number;
  readonly form: WheelForm;
  readonly abrasive: Abrasive | null;
  readonly spindleRpm: number;
  /** Highest speed marked on it; null when it is not known. */
  readonly ratedMPerS: number | null;
  readonly ratedRpm: number | null;
  /** Diameter at which it is used up. */
  readonly leastMm: number;
}

/** How the ends of the teeth are to be. */
export interface EndWish {
  readonly reliefDeg: number;
  /** Behind the land; null for none. */
  readonly secondDeg: number | null;
  readonly landMm: number;
  /** Falls towards the centre by this. */
  readonly dishDeg: number;
}

/** Sharpening the end teeth of a cutter, as it is asked for. */
export interface EndMillJob {
  readonly cutter: EndCutter;
  readonly wheel: EndWheel;
  readonly wish: EndWish;
  readonly wear: MillWear;
  /** Width of the worn land; 0 when there is none. */
  readonly wearMm: number;
  /** Depth of the deepest chip along the axis; 0 when there is none. */
  readonly chipMm: number;
  /** Side of the lathe on which the tooth lies that is being ground. */
  readonly side: 'operator' | 'far';
  readonly infeedMm: number;
  readonly sparkOut: number;
  /** Holes of the plate it is indexed with; null when by a square or a finger. */
  readonly holes: number | null;
  /** Travel of the slide over which an indicator reads the dish. */
  readonly travelMm: number;
}

/** Usual reliefs of end teeth, degrees: carbide and high speed steel alike. */
const RELIEF_DEG = 6;
const SECOND_DEG = 14;
const DISH_DEG = 2;
/** Land behind an end edge, as a share of the diameter, and its limits, mm. */
const LAND_SHARE = 0.07;
const LAND_MM = [0.4, 2] as const;

/** Usual reliefs, land and dish of a cutter of a diameter: typical. */
export const usualEndWish = (diameterMm: number): EndWish => ({
  reliefDeg: RELIEF_DEG,
  secondDeg: SECOND_DEG,
  landMm: Math.round(10 * Math.max(LAND_MM[0], Math.min(LAND_MM[1], LAND_SHARE * diameterMm))) / 10,
  dishDeg: DISH_DEG,
});

/** Usual infeed of a round and rounds of spark-out: typical. */
export const USUAL_ROUNDS = { infeedMm: 0.02, sparkOut: 1, travelMm: 50 } as const;
/** Usual sizes of wear when they were not measured, mm. */
export const USUAL_WEAR_MM: Readonly<Record<MillWear, { readonly wearMm: number; readonly chipMm: number }>> =
  {
    blunt: { wearMm: 0.1, chipMm: 0 },
    'worn-land': { wearMm: 0.3, chipMm: 0 },
    chipped: { wearMm: 0.2, chipMm: 0.4 },
    burnt: { wearMm: 0.3, chipMm: 0.6 },
  };
