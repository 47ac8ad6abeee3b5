import { endMillChoice, millFaults, MILL_COATINGS, MILL_CUTS, MILLED_GROUPS } from '@pike-stone/core/choose';
import * as z from 'zod';
import { machineCondition, oneOf, result, results, whole, yesNo } from './schema';
import { topic } from './topic';

const coatings = z.array(oneOf(MILL_COATINGS)).readonly();

export const endMillChoiceTopic = topic({
  input: z.strictObject({
    group: oneOf(MILLED_GROUPS),
    operation: oneOf(MILL_CUTS),
    machine_condition: machineCondition,
    offered_flutes: whole(1, 20),
    offered_coating: oneOf(MILL_COATINGS),
    offered_centre_cutting: yesNo,
  }),
  output: z.strictObject({
    flutes: results,
    helix_deg: z.tuple([result, result]).readonly(),
    centre_cutting_needed: z.boolean(),
    coatings_suit: coatings,
    coatings_harm: coatings,
    fluid: z.string(),
    offered_ok: z.boolean(),
  }),
  run: (i) => {
    const choice = endMillChoice(i.group, i.operation, i.machine_condition);
    const offered = {
      flutes: i.offered_flutes,
      coating: i.offered_coating,
      centreCutting: i.offered_centre_cutting,
    };
    return {
      flutes: choice.flutes,
      helix_deg: choice.helixDeg,
      centre_cutting_needed: choice.centreCuttingNeeded,
      coatings_suit: choice.suit,
      coatings_harm: choice.harm,
      fluid: choice.fluid,
      offered_ok: millFaults(choice, offered).length === 0,
    };
  },
});
