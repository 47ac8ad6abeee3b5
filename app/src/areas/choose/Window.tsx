import { OPERATIONS } from '@pike-stone/core';
import { EDGE_NAMES } from '@pike-stone/words/picking';
import { useUnits } from '../../data/preferences';
import { acrossOf, mostAcross } from '../machine/reach/reach';
import { SpeedChart, type Band } from '../machine/reach/SpeedChart';
import type { SetUp } from '../cut/useCut';
import type { Chosen } from './weigh-job';

/** What the machine reaches over diameter, where each tool works, and this job's line. */
export function Window({ chosen, setUp, height }: { chosen: Chosen; setUp: SetUp; height: number }) {
  const units = useUnits();
  const { setup } = setUp;
  const { machine } = setup;
  const { speedColumn, turns } = OPERATIONS[setup.operation];
  const bands: readonly Band[] = ([chosen.hss, chosen.carbide] as const).map(({ judged }) => ({
    edge: judged.family,
    name: EDGE_NAMES[judged.tool.material],
    range: judged.plan.speed.range,
  }));
  return (
    <SpeedChart
      rungs={machine.speeds.map((step) => step.rpm)}
      reach={bands}
      diameterMm={chosen.carbide.judged.plan.diameterMm}
      units={units}
      height={height}
      across={acrossOf(setup.machine)}
      most={mostAcross(setup.machine, speedColumn)}
      onDiameter={turns === 'cutter' ? undefined : (workDiameterMm) => setUp.change({ workDiameterMm })}
    />
  );
}
