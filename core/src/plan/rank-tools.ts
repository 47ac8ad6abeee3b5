import { material } from '../material/library';
import { withOverride } from '../material/material';
import { fitsOperation, type CutSetup } from '../operation/registry';
import { unsuited, type Unsuited } from '../tool/unsuited';
import type { Tool } from '../tool/tool';
import { cutPlan } from './cut-plan';
import { findings } from './findings';
import { misfits } from './misfits';
import type { ShopRules } from './rules';

/** Why a tool is not the first choice in a set-up. */
export type Drawback =
  Unsuited | 'does-not-fit' | 'other-size' | 'no-collet' | 'too-large' | 'too-slow-here' | 'too-fast-here';

/** A tool for an operation, how well it suits, and the one thing against it. */
export interface RankedTool<T> {
  readonly item: T;
  /** 0 suits, 1 works with a drawback, 2 does not fit. */
  readonly rank: 0 | 1 | 2;
  readonly drawback: Drawback | null;
}

/** The first thing against a tool that fits. */
function drawbackOf(setup: CutSetup, rules: ShopRules): Drawback | null {
  const metal = withOverride(material(setup.stock.materialKey), setup.stock.own);
  const own = unsuited(setup.tool, metal);
  if (own) return own;
  const codes = findings(setup, cutPlan(setup, rules)).map(({ code }) => code);
  if (codes.includes('collet')) return 'no-collet';
  if (codes.includes('largest-drill')) return 'too-large';
  if (codes.includes('below-useful')) return 'too-slow-here';
  return codes.includes('too-fast') ? 'too-fast-here' : null;
}

/**
 * The tools that an operation is done with, those that suit the metal and the machine
 * first, each with the one thing against it. Tools of one rank keep their order.
 */
export function rankTools<T extends { readonly body: Tool }>(
  setup: CutSetup,
  tools: readonly T[],
  rules: ShopRules,
): RankedTool<T>[] {
  const ranked = tools
    .filter(({ body }) => fitsOperation(body, setup.operation))
    .map((item): RankedTool<T> => {
      const of: CutSetup = {
        ...setup,
        tool: item.body,
        depthMm: null,
        widthMm: null,
        rpmByHand: null,
        feedByHand: null,
      };
      if (misfits(of).length > 0) return { item, rank: 2, drawback: 'does-not-fit' };
      const drawback = drawbackOf(of, rules);
      return { item, rank: drawback === null ? 0 : 1, drawback };
    });
  return ranked.sort((a, b) => a.rank - b.rank);
}
