/** Under this a whole millimetre is too coarse a step, mm. */
const FINE_UNDER_MM = 4;

/** A width that is stepped over by eye: whole millimetres, unless that would be too coarse. */
export const swathMm = (mm: number): number => (mm < FINE_UNDER_MM ? mm : Math.round(mm));
