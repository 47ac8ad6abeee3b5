import type { RotatingTool } from '../../tool/tool';
import type { Job } from '../job';

/** Under this a whole millimetre is too coarse a step, mm. */
const FINE_UNDER_MM = 4;

/** A width that is stepped over by eye: whole millimetres, unless that would be too coarse. */
export const swathMm = (mm: number): number => (mm < FINE_UNDER_MM ? mm : Math.round(mm));

/** The typed width of a milling cut, else the start's; never more than the cutter's diameter, mm. */
export const withinCutterMm = (
  { tool, widthMm }: Pick<Job<RotatingTool>, 'tool' | 'widthMm'>,
  startMm: number,
) => Math.min(widthMm ?? startMm, tool.diameterMm);
