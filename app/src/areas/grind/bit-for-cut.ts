import type { BitBody } from '@pike-stone/contract';
import { OPERATIONS } from '@pike-stone/core';
import { forThread, shapeFor } from '@pike-stone/core/grind';
import type { CutPlan, CutSetup } from '@pike-stone/core';
import { SHAPE_WORDS } from '@pike-stone/words/grind';
import { freshBit } from './bit-model';

const NAME_LENGTH = 60;

/** A bit for the cut that is set up: its shape, its metal and its size; null where none is ground for it. */
export function bitForCut(setup: CutSetup, plan: CutPlan): BitBody | null {
  const shape = shapeFor(setup.operation);
  if (!shape) return null;
  const own = setup.tool.kind === 'threading-tool' && setup.tool.threadAngleDeg === 55 ? 'thread-55' : shape;
  const body = freshBit({
    shape: own,
    name: `${SHAPE_WORDS[own].name} bit for ${setup.stock.name}`.slice(0, NAME_LENGTH),
    metalKey: plan.metal.key,
    use: {
      side: setup.way === 'inside' ? 'bore' : (OPERATIONS[setup.operation].edgeHeight ?? 'outside'),
      diameterMm: Math.max(0.5, plan.diameterMm),
      depthMm: Math.min(100, Math.max(0.005, plan.depth.mm)),
      feedMm: Math.min(25, Math.max(0.001, plan.feed.mmRev)),
      heightErrorMm: 0,
    },
  });
  // Only a thread has a trailing clearance of its own: its flanks follow the lead.
  return body.trailingDeg === null ? body : forThread(body, plan.feed.mmRev, setup.workDiameterMm);
}
