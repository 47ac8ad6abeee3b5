import { material } from '../material/library';
import { withOverride } from '../material/material';
import type { CutSetup } from '../operation/registry';
import { checkFit } from '../plan/misfits';
import type { ShopRules } from '../plan/rules';
import type { Tool } from '../tool/tool';
import type { JobWants } from './job-wants';
import { judge, type EdgeFamily, type JudgedTool, type PricesOf } from './judged-tool';
import { metalCharacter } from './metal-character';
import type { RankedForJob } from './ranked-for-job';
import { usualOfFamily } from './usual-of-family';

/** What one family would do the job with. */
export interface Side<T> {
  /** Its entry in the drawer; null when there is none that fits: it has to be bought or ground. */
  readonly item: T | null;
  /** A sharp one that fits is in the drawer. */
  readonly inDrawer: boolean;
  readonly judged: JudgedTool;
}

/** The best tool of a family that the drawer has for a job, a dull one last; null when none fits. */
export function sideFromDrawer<T extends { readonly body: Tool }>(
  family: EdgeFamily,
  inOrder: readonly RankedForJob<T>[],
): Side<T> | null {
  const own = inOrder.find((one) => one.family === family && one.judged !== null);
  return own?.judged ? { item: own.item, inDrawer: !own.item.body.dull, judged: own.judged } : null;
}

/**
 * What would be bought or ground of a family that the drawer has not: as the tool of the
 * set-up would be, or as one that fits.
 *
 * @throws OutOfRange, DoesNotFit when no tool can do the job
 */
export function sideToGet<T extends { readonly body: Tool }>(
  family: EdgeFamily,
  inOrder: readonly RankedForJob<T>[],
  setup: CutSetup,
  wants: Pick<JobWants, 'passes'>,
  rules: ShopRules,
  pricesOf: PricesOf,
): Side<T> {
  const metal = withOverride(material(setup.stock.materialKey), setup.stock.own);
  const { gummy } = metalCharacter(metal, setup.firstPassOnSkin);
  const fits = inOrder.filter((one) => one.judged !== null).map(({ item }) => item.body);
  for (const like of [setup.tool, ...fits]) {
    const judged = judge(setup, usualOfFamily(like, family, gummy), wants, rules, pricesOf);
    if (judged) return { item: null, inDrawer: false, judged };
  }
  checkFit(setup);
  throw new Error('a tool does not fit a set-up that fits');
}
