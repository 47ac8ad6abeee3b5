import { type CutSetup } from '@pike-stone/core';
import { type Forecast } from '@pike-stone/core/forecast';
import { formatRa, type UnitSystem } from '../format';
import { sayGround } from './ground';
import type { ForecastRow } from './row';

/** Roughness to expect, and what makes it so. */
export function finishRow({ finish }: Forecast, setup: CutSetup, units: UnitSystem): ForecastRow | null {
  if (!finish) return null;
  const ground = sayGround(setup.tool);
  return {
    key: 'finish',
    title: 'Finish, Ra',
    value: `${formatRa(finish.lowRaUm, units).split('\u00a0')[0]} to ${formatRa(finish.highRaUm, units)}`,
    level: finish.finerIsWorse ? 'caution' : null,
    lines: [
      `Feed and nose alone would leave ${formatRa(finish.idealRaUm, units)}; a machine that is ${setup.machine.condition}${finish.builtUp > 1.05 ? ` and metal that builds up on the edge at this speed (× ${finish.builtUp.toFixed(1)})` : ''} make it so.`,
      ...(ground ? [ground] : []),
      ...(finish.finerIsWorse
        ? ['The feed is finer than this edge can cut: coarser would be smoother. Or take a sharper edge.']
        : []),
      ...(finish.builtUp > 1.3
        ? ['Out of the zone of the built-up edge: faster with carbide, slower with HSS and oil.']
        : []),
    ],
  };
}
