import type { BookFilter } from '@pike-stone/contract/book';
import type pg from 'pg';
import { cellConditions, Values } from './book-statement';

/** Months of a filter: those of its first and last day are whole. */
function monthConditions({ from, to }: BookFilter, { add }: Values): string {
  const conditions = [
    ...(from ? [`m.month >= ${add(from.slice(0, 7))}`] : []),
    ...(to ? [`m.month <= ${add(to.slice(0, 7))}`] : []),
  ];
  return conditions.map((one) => ` and ${one}`).join('');
}

/** A statement over counted cuts: their cells fit the filter. */
function over(
  table: string,
  shopId: string,
  filter: BookFilter,
  write: (from: string, shop: string) => string,
): pg.QueryConfig {
  const values = new Values();
  const shop = values.add(shopId);
  const conditions = cellConditions(filter, shop, values) + monthConditions(filter, values);
  const from = `from ${table} m join cut_cell cell on cell.cell_id = m.cell_id
    where m.shop_id = ${shop} and ${conditions}`;
  return { text: write(from, shop), values: values.list };
}

/** What the charts are drawn from. Sums are kept up with every cut, so a million cuts are not read for them. */
export const sumsStatements = (
  shopId: string,
  filter: BookFilter,
): Readonly<Record<'months' | 'tools' | 'verdicts', pg.QueryConfig>> => ({
  months: over(
    'cut_month',
    shopId,
    filter,
    (from) =>
      `select m.month, cell.outcome, sum(m.cuts)::float8 as cuts ${from} group by 1, 2 having sum(m.cuts) > 0 order by 1, 2`,
  ),
  tools: over(
    'cut_month',
    shopId,
    filter,
    (from, shop) => `with sums as (
        select cell.tool_id, sum(m.cuts)::float8 as cuts,
          coalesce(sum(m.cuts) filter (where cell.outcome = 'worked'), 0)::float8 as worked,
          sum(m.power_w) as power_w, sum(m.powers)::float8 as powers
        ${from} group by 1 having sum(m.cuts) > 0
      )
      select tool_id as "toolId", cuts, worked, case when powers > 0 then power_w / powers end as "powerW", powers,
        -- A bit has a new edge each time it is ground; an insert's edges are taken from its box.
        (select count(*) from ledger_entry l where l.shop_id = ${shop} and l.tool_id = sums.tool_id
          and l.body ->> 'act' in ('ground', 'used', 'broken'))::float8
        + coalesce((select -sum(l.edges) from tool t join ledger_entry l
          on l.shop_id = ${shop} and l.supply_id = (t.body ->> 'boxId')::uuid and l.edges < 0
          where t.shop_id = ${shop} and t.id = sums.tool_id), 0)::float8 as edges
      from sums order by cuts desc, tool_id limit 200`,
  ),
  verdicts: over(
    'cut_verdict',
    shopId,
    filter,
    (from) => `select m.month, m.quantity, m.ln_ratio as "lnRatio", m.verdict, sum(m.cuts)::float8 as cuts
      ${from} group by 1, 2, 3, 4 having sum(m.cuts) > 0 order by 1, 2, 3, 4`,
  ),
});

/** How often each setting of a cut was taken, and when last, the most often first. */
export function settingsStatement(shopId: string, filter: BookFilter): pg.QueryConfig {
  const values = new Values();
  const shop = values.add(shopId);
  return {
    text: `select m.rpm::float8 as rpm, m.feed::float8 as "feedMmRev", m.depth::float8 as "depthMm", sum(m.cuts)::float8 as cuts,
        coalesce(sum(m.cuts) filter (where cell.outcome = 'worked'), 0)::float8 as worked, max(m.last_at) filter (where m.cuts > 0) as "lastAt"
      from cut_setting m join cut_cell cell on cell.cell_id = m.cell_id
      where m.shop_id = ${shop} and ${cellConditions(filter, shop, values)}
      group by 1, 2, 3 having sum(m.cuts) > 0 order by cuts desc, 1, 2, 3 limit 100`,
    values: values.list,
  };
}
