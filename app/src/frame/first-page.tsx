import type { DrawFirstPage, FirstRecords, LearnedAnswer, Stored } from '@pike-stone/contract';
import { DEFAULT_RULES, learnedFor } from '@pike-stone/core';
import { renderToStaticMarkup } from 'react-dom/server';
import { Dimensions } from 'react-native';
import { BenchPage } from '../areas/bench/BenchPage';
import { plannedCut, setupOf } from '../areas/cut/planned-cut';
import { firstDraft } from '../areas/cut/set-up';
import { pageRules } from './page-rules';
import { FRAME_MAIN, rulesWithin } from './rules';

const PHONE = { width: 390, height: 844, scale: 2, fontScale: 1 };
Dimensions.set({ window: PHONE, screen: PHONE });

const nowhere = () => undefined;
const asShown = <Record extends Stored<'cuts'> | Stored<'tools'>>(record: Record) => ({
  ...record,
  waiting: false,
});

/** The cut with which a device begins that has set none up. */
function firstCut(records: FirstRecords, { factors }: LearnedAnswer) {
  const choice = firstDraft(records);
  const ownMetal = (metal: string) => records.metals.find(({ id }) => id === metal)?.body ?? null;
  const isOn = records.rules[0]?.body.learns !== false;
  const setup =
    choice && setupOf(choice, records, ownMetal, (...of) => (isOn ? learnedFor(factors, ...of) : null));
  if (!setup) return null;
  const planned = plannedCut(setup, records.rules[0]?.body ?? DEFAULT_RULES);
  return 'plan' in planned ? { setup, plan: planned.plan } : null;
}

/** Draws the first page as it is on a phone that keeps no choices yet. Run by the server. */
export const drawFirstPage: DrawFirstPage = (shop, records, learned) => {
  // A style that stands in the markup is refused by the page's policy; the page sets it by script.
  const markup = renderToStaticMarkup(
    <BenchPage
      shop={shop}
      units="mm"
      cut={firstCut(records, learned)}
      cuts={records.cuts.map(asShown)}
      tools={records.tools.map(asShown)}
      placeOf={() => '/drawer'}
      open={nowhere}
    />,
  ).replaceAll(' style="', ' data-style="');
  const classes = new Set(
    [...markup.matchAll(/ class="([^"]*)"/g)].flatMap(([, names = '']) => names.split(' ')),
  );
  return { markup, rules: rulesWithin(FRAME_MAIN, pageRules(), (name) => classes.has(name)) };
};
