import { positive } from '../quantity/out-of-range';

/**
 * Spindle speed that gives a cutting speed at a diameter: n = 1000 v / (pi D).
 *
 * @param cuttingSpeedMPerMin  v, m/min, above 0
 * @param diameterMm           D of whatever turns, mm, above 0
 * @example spindleSpeed(30, 25) // 382 rpm
 */
export function spindleSpeed(cuttingSpeedMPerMin: number, diameterMm: number): number {
  positive('cutting speed', cuttingSpeedMPerMin);
  positive('diameter', diameterMm);
  return (1000 * cuttingSpeedMPerMin) / (Math.PI * diameterMm);
}

/**
 * Cutting speed at a diameter, m/min: v = pi D n / 1000.
 * @example surfaceSpeed(1250, 18) // 70.7
 */
export function surfaceSpeed(rpm: number, diameterMm: number): number {
  positive('spindle speed', rpm);
  positive('diameter', diameterMm);
  return (Math.PI * diameterMm * rpm) / 1000;
}
