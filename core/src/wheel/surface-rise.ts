import { positive } from '../quantity/out-of-range';

interface SkinHeat {
  readonly powerW: number;
  readonly areaMm2: number;
  readonly seconds: number;
  readonly conductivityWMK: number;
  readonly densityKgM3: number;
  readonly heatCapacityJKgK: number;
  readonly startC: number;
  readonly limitC: number;
}

/**
 * Skin under the wheel: a half space with a constant flux, rise = 2 q sqrt(t / (pi k rho c)). It holds
 * while the heated depth 2 sqrt(k t / (rho c)) is less than the tip is thick, so a thin edge lies above.
 *
 * Carslaw and Jaeger, Conduction of Heat in Solids, 1959.
 *
 * @returns `toLimitS` is 0 when it starts above the limit, null when nothing heats it
 * @example surfaceRise({ powerW: 67, areaMm2: 30, seconds: 1, conductivityWMK: 25, densityKgM3: 8100, heatCapacityJKgK: 460, startC: 20, limitC: 220 }).surfaceC // 281
 */
export function surfaceRise(heat: SkinHeat) {
  const fluxWMm2 = heat.powerW / positive('area of contact', heat.areaMm2);
  const volumetric = positive('density', heat.densityKgM3) * positive('heat capacity', heat.heatCapacityJKgK);
  const effusivity = positive('conductivity', heat.conductivityWMK) * volumetric;
  const t = positive('time', heat.seconds);
  const twice = 2e6 * fluxWMm2;
  const room = heat.limitC - heat.startC;
  return {
    fluxWMm2,
    surfaceC: heat.startC + twice * Math.sqrt(t / (Math.PI * effusivity)),
    toLimitS: room <= 0 ? 0 : twice > 0 ? (room / twice) ** 2 * Math.PI * effusivity : null,
    heatedMm: 2000 * Math.sqrt((heat.conductivityWMK * t) / volumetric),
  };
}
