import { factsOf, type Kind } from '@pike-stone/contract';
import { bringLaterBodies } from '@pike-stone/contract/later';
import { DEFAULT_RULES } from '@pike-stone/core';
import pg from 'pg';
import { BITS, GRINDS } from './bits';
import { CUTS } from './cuts';
import { FORMS } from './forms';
import { MACHINES } from './machines';
import { DEMO_SHOP, demoId } from './shop';
import { METALS, STOCK } from './stock';
import { LEDGER, SUPPLIES } from './supplies';
import { TOOLS } from './tools';
import { SHARPENINGS, WHEEL_BOOK } from './wheels';
import { COMPARISONS, PROVEN, RUNS } from './work-up';

/** The records of the demo shop by their kind, each with the group of its fixed ids; what is referred to comes first. */
const RECORDS: readonly (readonly [kind: Kind, group: number, bodies: readonly unknown[]])[] = [
  ['machines', 1, MACHINES],
  ['metals', 5, METALS],
  ['stock', 2, STOCK],
  ['tools', 3, TOOLS],
  ['supplies', 6, SUPPLIES],
  ['ledger', 7, LEDGER],
  ['bits', 8, BITS],
  ['grinds', 9, GRINDS],
  ['wheel-book', 10, WHEEL_BOOK],
  ['sharpenings', 11, SHARPENINGS],
  ['forms', 12, FORMS],
  ['runs', 13, RUNS],
  ['cuts', 4, CUTS],
  ['comparisons', 14, COMPARISONS],
  ['proven', 15, PROVEN],
];

/** Creates the demo shop with its records; does nothing when it exists. */
export async function loadDemo(ownerUrl: string): Promise<boolean> {
  bringLaterBodies();
  const client = new pg.Client({ connectionString: ownerUrl });
  await client.connect();
  try {
    await client.query('begin');
    const made = await client.query(
      'insert into shop (shop_id, name) values ($1, $2) on conflict do nothing',
      [DEMO_SHOP.id, DEMO_SHOP.name],
    );
    if (made.rowCount) {
      for (const [kind, group, bodies] of RECORDS) {
        const { table, body: schema } = factsOf(kind);
        for (const [i, body] of bodies.entries()) {
          await client.query(`insert into ${table} (shop_id, id, version, body) values ($1, $2, 1, $3)`, [
            DEMO_SHOP.id,
            demoId(group, i + 1),
            schema.parse(body),
          ]);
        }
      }
      await client.query('insert into shop_rules (shop_id, id, version, body) values ($1, $1, 1, $2)', [
        DEMO_SHOP.id,
        DEFAULT_RULES,
      ]);
    }
    await client.query('commit');
    return Boolean(made.rowCount);
  } catch (error) {
    await client.query('rollback');
    throw error;
  } finally {
    await client.end();
  }
}
