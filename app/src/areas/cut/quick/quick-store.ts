import type { StockBody, ToolBody } from '@pike-stone/contract';
import { create } from 'zustand';
import { keptHere } from '../../../sync/kept-here';
import { newId, type Shown } from '../../../data/records';

interface Quick<Body> {
  readonly id: string;
  readonly body: Body;
}

interface QuickState {
  readonly stock: Quick<StockBody> | null;
  readonly tool: Quick<ToolBody> | null;
  /** Puts a piece of stock or a tool in use that is not in the drawer; returns its id. */
  takeStock(body: StockBody): string;
  takeTool(body: ToolBody): string;
  /** Forgets what the drawer has now. */
  kept(id: string): void;
}

/** Stock and tool of a quick cut: used like those of the drawer, and only on this device until they are kept. */
export const useQuick = create<QuickState>()(
  keptHere(
    (set) => ({
      stock: null,
      tool: null,
      takeStock: (body) => {
        const id = newId();
        set({ stock: { id, body } });
        return id;
      },
      takeTool: (body) => {
        const id = newId();
        set({ tool: { id, body } });
        return id;
      },
      kept: (id) =>
        set(({ stock, tool }) => ({
          stock: stock?.id === id ? null : stock,
          tool: tool?.id === id ? null : tool,
        })),
    }),
    { name: 'pike-quick-cut' },
  ),
);

/** The drawer's records with one that is not kept at their end. */
export const withQuick = <K extends 'stock' | 'tools'>(
  records: readonly Shown<K>[],
  quick: Quick<Shown<K>['body']> | null,
): readonly Shown<K>[] =>
  quick && !records.some(({ id }) => id === quick.id)
    ? [...records, { ...quick, version: 0, archived: false, updatedAt: '', waiting: false } as Shown<K>]
    : records;
