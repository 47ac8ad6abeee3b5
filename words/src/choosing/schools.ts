import type { EdgePush, JobChoice } from '@pike-stone/core/choose';
import { formatLength, formatSurfaceSpeed, joined, type UnitSystem } from '../format';

export interface SchoolView {
  readonly title: string;
  readonly text: string;
}

/** What either school says of a job, and what measurement shows. */
export function saySchools(
  { inputs, costInputs }: Pick<JobChoice<unknown>, 'inputs' | 'costInputs'>,
  hss: EdgePush,
  carbide: EdgePush,
  units: UnitSystem,
): readonly SchoolView[] {
  const reach = joined(formatSurfaceSpeed(inputs.reachableMPerMin, units));
  const low = joined(formatSurfaceSpeed(inputs.carbideLowMPerMin, units));
  const slow = inputs.reachableMPerMin < inputs.carbideLowMPerMin;
  const light = joined(formatLength(0.02, units));
  const minutes = Math.round(costInputs.firstGrindMin);
  const ground =
    minutes > 0
      ? `Ground once in ${minutes} minutes, then touched up in ${Math.round(costInputs.regrindMin)}.`
      : 'Sharpened, it comes back to size.';
  return [
    {
      title: 'High speed steel first',
      text: `${slow ? `${reach} is no speed for an insert that starts at ${low}.` : `Even at ${reach} a sharp edge cuts with less push.`} A hand-ground edge takes ${light}, stands knocks, has any form, and teaches the angles. ${ground}`,
    },
    {
      title: 'Inserts first',
      text: `No grinder, no setting again, a known shape; hard metal and skin do not frighten it. ${slow ? `Below ${low} a sharp, positive, ground insert still runs well at a modest speed.` : `${reach} is a speed it was made for.`} An evening is worth more than an edge.`,
    },
    {
      title: 'What measurement shows',
      text: `Equal rake and equal edge push alike, whatever they are made of. Here: high speed steel at ${Math.round(hss.rakeDeg)}° with an edge of ${Math.round(hss.edgeRadiusUm)} μm pushes ${Math.round(hss.nPerMm)} N per mm of width, the carbide at ${Math.round(carbide.rakeDeg)}° and ${Math.round(carbide.edgeRadiusUm)} μm ${Math.round(carbide.nPerMm)} N.`,
    },
  ];
}
