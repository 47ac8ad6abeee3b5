/** What has been done with an edge, a bit, a box or the scrap. */
export const LEDGER_ACTS = [
  'bought',
  'used',
  'broken',
  'ground',
  'rescued',
  'counted',
  'put-back',
  'scrapped',
  'sold',
] as const;
export type LedgerAct = (typeof LEDGER_ACTS)[number];

/** An entry of the ledger: what it added or took. Nothing of it is changed later; a mistake is put right by another. */
export interface LedgerEntry {
  readonly act: LedgerAct;
  readonly edges: number;
  readonly lengthMm: number;
  readonly massG: number;
  /** What it cost; below 0 for what came in. */
  readonly cost: number;
}

/** Sums of the entries of one thing. */
export interface Tally {
  readonly edges: number;
  readonly lengthMm: number;
  readonly massG: number;
  readonly cost: number;
  readonly entries: number;
}

export const EMPTY_TALLY: Tally = { edges: 0, lengthMm: 0, massG: 0, cost: 0, entries: 0 };

/** A tally with one more entry. */
export const tallied = (tally: Tally, entry: Omit<LedgerEntry, 'act'>): Tally => ({
  edges: tally.edges + entry.edges,
  lengthMm: tally.lengthMm + entry.lengthMm,
  massG: tally.massG + entry.massG,
  cost: tally.cost + entry.cost,
  entries: tally.entries + 1,
});
