/** A tool that the machine would still drive: a smaller or narrower one, and for a drill the hole to drill first. */
export interface LighterTool {
  readonly what: 'drill' | 'blade';
  readonly mm: number;
  readonly pilotMm: number | null;
}
