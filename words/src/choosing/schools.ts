import type { EdgePush, JobChoice } from '@pike-stone/core/choose';
import {
  formatEdgeRadius,
  formatForcePerWidth,
  formatLength,
  formatSurfaceSpeed,
  joined,
  type UnitSystem,
} from '../format';
import type { ChoiceContext } from './factor';

export interface SchoolView {
  readonly title: string;
  readonly text: string;
}

/** What either school says of a job, and what measurement shows. */
export function saySchools(
  { inputs, costInputs }: Pick<JobChoice<unknown>, 'inputs' | 'costInputs'>,
  { indexed }: Pick<ChoiceContext, 'indexed'>,
  { hss, carbide }: { readonly hss: EdgePush; readonly carbide: EdgePush },
  units: UnitSystem,
): readonly SchoolView[] {
  const reach = joined(formatSurfaceSpeed(inputs.reachableMPerMin, units));
  const low = joined(formatSurfaceSpeed(inputs.carbideLowMPerMin, units));
  const slow = inputs.reachableMPerMin < inputs.carbideLowMPerMin;
  const { firstGrindMin, regrindMin } = costInputs;
  const radius = ({ edgeRadiusUm }: EdgePush) => joined(formatEdgeRadius(edgeRadiusUm, units));
  const push = ({ nPerMm }: EdgePush) => joined(formatForcePerWidth(nPerMm, units));
  const light = joined(formatLength(0.02, units));
  const of = indexed ? 'an insert' : 'carbide';
  const sharp = indexed ? 'a sharp, positive, ground insert' : 'a sharp one';
  const atReach = slow ? `${reach} is no speed for ${of} that starts at ${low}.` : null;
  return [
    {
      title: 'High speed steel first',
      text: `${atReach ?? `Even at ${reach} a sharp edge cuts with less push.`} ${
        firstGrindMin > 0
          ? `A hand-ground edge takes ${light}, stands knocks, has any form, and teaches the angles. Ground once in ${Math.round(firstGrindMin)} minutes, then touched up in ${Math.round(regrindMin)}.`
          : 'It stands knocks, hand feed and a jammed chip that carbide breaks on, costs less to lose, and can be sharpened; measure a sharpened one, it may be smaller.'
      }`,
    },
    {
      title: indexed ? 'Inserts first' : 'Carbide first',
      text: `${
        indexed
          ? 'No grinder, no setting again, a known shape; hard metal and skin do not frighten it.'
          : 'It keeps its size for longer; hard metal and skin do not frighten it.'
      } ${slow ? `Below ${low} ${sharp} still runs well at a modest speed.` : `${reach} is a speed it was made for.`} An evening is worth more than an edge.`,
    },
    {
      title: 'What measurement shows',
      text: `Equal rake and equal edge push alike, whatever they are made of. Here: high speed steel at ${Math.round(hss.rakeDeg)}° with an edge of ${radius(hss)} pushes ${push(hss)} of its width, the carbide at ${Math.round(carbide.rakeDeg)}° and ${radius(carbide)} ${push(carbide)}.`,
    },
  ];
}
