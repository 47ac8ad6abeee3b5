/** How the edge takes the metal. */
export type Cutting =
  'turning' | 'blade' | 'threading' | 'pressing' | 'filing' | 'drilling' | 'plunging' | 'reaming' | 'milling';

/** How the tool is moved along the cut. */
export type Feeding = 'along' | 'across' | 'tailstock' | 'compound' | 'screw' | 'strokes';

/** What stands out of its hold and gives way. */
export type StandsOut = 'work' | 'blade' | 'bar' | 'cutter';
