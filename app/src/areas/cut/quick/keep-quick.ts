import type { CutChoice } from '@pike-stone/contract';
import { save } from '../../../data/records';
import { useQuick } from './quick-store';

/** Whether a set-up uses stock or a tool that is not in the drawer. */
export const usesQuick = (choice: Pick<CutChoice, 'stockId' | 'toolId'>): boolean => {
  const { stock, tool } = useQuick.getState();
  return (stock !== null && stock.id === choice.stockId) || (tool !== null && tool.id === choice.toolId);
};

/** Puts the stock and the tool of a quick cut into the drawer, as they are used now. */
export async function keepQuick(choice: Pick<CutChoice, 'stockId' | 'toolId'>): Promise<void> {
  const { stock, tool, kept } = useQuick.getState();
  if (stock !== null && stock.id === choice.stockId) {
    await save('stock', stock.id, 0, stock.body);
    kept(stock.id);
  }
  if (tool !== null && tool.id === choice.toolId) {
    await save('tools', tool.id, 0, tool.body);
    kept(tool.id);
  }
}
