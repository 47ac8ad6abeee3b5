import type { GroundAngles } from './ground-angles';
import type { ToolMaterialKey } from './tool-material';

/** What an edge is coated with, as far as it decides what it may cut. */
export const COATINGS = ['none', 'with-aluminium', 'without-aluminium'] as const;
export type Coating = (typeof COATINGS)[number];

/** What every tool has. */
interface AnyTool {
  readonly name: string;
  readonly material: ToolMaterialKey;
  readonly dull: boolean;
}

/** A tool that takes a chip off. */
interface CuttingTool extends AnyTool {
  /** Effective rake where the chip flows, degrees; left out: as it is usually ground. */
  readonly rakeDeg?: number | undefined;
  /** As it was ground by hand; then its rake follows from these. */
  readonly ground?: GroundAngles | undefined;
  readonly coating?: Coating | undefined;
}

/** One cutting point with a rounded nose. */
interface NosedTool extends CuttingTool {
  readonly noseRadiusMm: number;
  /** kappa_r: 90 is square to the feed. */
  readonly approachDeg: number;
  /** Between the two cutting edges. */
  readonly cornerDeg: number;
}

/** A cutter that turns, or whose size decides the size of the hole. */
interface RoundTool extends CuttingTool {
  readonly diameterMm: number;
}

export interface TurningTool extends NosedTool {
  readonly kind: 'turning-tool';
  /** Height of the shank. */
  readonly shankMm?: number | undefined;
}
export interface BoringBar extends NosedTool {
  readonly kind: 'boring-bar';
  /** Diameter of the bar. */
  readonly barMm?: number | undefined;
}
export interface PartingBlade extends CuttingTool {
  readonly kind: 'parting-blade';
  readonly widthMm?: number | undefined;
}
export interface ThreadingTool extends CuttingTool {
  readonly kind: 'threading-tool';
  readonly noseRadiusMm: number;
  readonly threadAngleDeg: 55 | 60;
}
export interface FormTool extends CuttingTool {
  readonly kind: 'form-tool';
  readonly widthMm?: number | undefined;
  /** How deep the form is. */
  readonly depthMm: number;
}
export interface KnurlingTool extends AnyTool {
  readonly kind: 'knurling-tool';
}
export interface HandFile extends AnyTool {
  readonly kind: 'file';
}
export interface Drill extends RoundTool {
  readonly kind: 'drill';
  readonly fluteLengthMm?: number | undefined;
}
export interface CentreDrill extends RoundTool {
  readonly kind: 'centre-drill';
  /** Diameter of the body behind the cone; `diameterMm` is that of the pilot. */
  readonly bodyMm?: number | undefined;
}
export interface Reamer extends RoundTool {
  readonly kind: 'reamer';
  readonly teeth: number;
}
export interface EndMill extends RoundTool {
  readonly kind: 'end-mill';
  readonly teeth: number;
  readonly fluteLengthMm: number;
  readonly shankMm?: number | undefined;
  /** A tooth reaches the centre of the end: it may go straight down. Left out: not known. */
  readonly centreCutting?: boolean | undefined;
}
export interface FaceMill extends RoundTool {
  readonly kind: 'face-mill';
  readonly teeth: number;
  readonly fluteLengthMm: number;
  readonly noseRadiusMm: number;
  readonly approachDeg: number;
  readonly shankMm?: number | undefined;
  /** Flat land of the inserts, which wipes the surface; left out: none. */
  readonly landMm?: number | undefined;
}
export interface FlyCutter extends RoundTool {
  readonly kind: 'fly-cutter';
  readonly teeth: number;
  readonly noseRadiusMm: number;
  readonly approachDeg: number;
}
export interface SlittingSaw extends RoundTool {
  readonly kind: 'slitting-saw';
  readonly teeth: number;
  readonly thicknessMm?: number | undefined;
  /** Diameter of the collars of its arbor; left out: a third of the saw. */
  readonly collarMm?: number | undefined;
}
export interface FormCutter extends RoundTool {
  readonly kind: 'form-cutter';
  readonly teeth: number;
  readonly widthMm?: number | undefined;
  /** How deep the form is. */
  readonly depthMm: number;
}
export interface TSlotCutter extends RoundTool {
  readonly kind: 't-slot-cutter';
  readonly teeth: number;
  readonly headHeightMm?: number | undefined;
  /** Diameter of the shank above the neck. */
  readonly shankMm?: number | undefined;
}
export interface DovetailCutter extends RoundTool {
  readonly kind: 'dovetail-cutter';
  readonly teeth: number;
  /** Of the slant, from the bottom. */
  readonly angleDeg: number;
  readonly slantHeightMm: number;
  readonly shankMm?: number | undefined;
}

/** A tool by its kind, with the sizes that kind has and no others. */
export type Tool =
  | TurningTool
  | BoringBar
  | PartingBlade
  | ThreadingTool
  | FormTool
  | KnurlingTool
  | HandFile
  | Drill
  | CentreDrill
  | Reamer
  | EndMill
  | FaceMill
  | FlyCutter
  | SlittingSaw
  | FormCutter
  | TSlotCutter
  | DovetailCutter;
export type ToolKind = Tool['kind'];

export const TOOL_KINDS = [
  'turning-tool',
  'boring-bar',
  'parting-blade',
  'threading-tool',
  'form-tool',
  'knurling-tool',
  'file',
  'drill',
  'centre-drill',
  'reamer',
  'end-mill',
  'face-mill',
  'fly-cutter',
  'slitting-saw',
  'form-cutter',
  't-slot-cutter',
  'dovetail-cutter',
] as const satisfies readonly ToolKind[];

/** Tools whose own diameter cuts. */
export type RotatingTool = Extract<Tool, { readonly diameterMm: number }>;
export const rotates = (tool: Tool): tool is RotatingTool => 'diameterMm' in tool;

/** The tool with its diameter as it was measured; a tool that has none stays as it is. */
export const withDiameter = <T extends Tool>(tool: T, diameterMm: number | null): T =>
  diameterMm !== null && rotates(tool) ? { ...tool, diameterMm } : tool;

/** Width of an edge when the tool does not say it, mm. */
export const USUAL_WIDTH_MM = 2;
