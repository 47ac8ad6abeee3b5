import { useUnits } from '../../../data/preferences';
import { FigurePanel } from '../../figures/FigurePanel';
import { lengthText } from '../../figures/read-figure';
import type { Counted } from './used-up';

const MOST = 10_000;
/** Shortest length of a blank that is worth buying, mm. */
const LEAST_BOUGHT_MM = 0.02;

/** Asks what was bought: how many inserts or how long a blank, and the price. */
export function BoughtPanel({
  counted: { usedUp, price },
  onBought,
  onClose,
}: {
  counted: Counted;
  /** Inserts, or the length to grind away, mm; and what was paid. */
  onBought: (amount: number, price: number) => void;
  onClose: () => void;
}) {
  const inserts = usedUp.by === 'edges';
  return (
    <FigurePanel
      title="Bought"
      set="Into the ledger"
      fields={[
        inserts
          ? { key: 'amount', label: 'How many inserts', kind: 'whole', low: 1, high: MOST }
          : { key: 'amount', label: 'Length to grind away', kind: 'size', low: LEAST_BOUGHT_MM, high: MOST },
        {
          key: 'price',
          label: inserts ? 'Price of one insert' : 'Price',
          kind: 'number',
          low: 0,
          high: MOST,
          optional: true,
          start: String(price ?? ''),
        },
      ]}
      onSet={({ amount, price: [paid = 0] }) => onBought(amount[0]!, paid)}
      onClose={onClose}
    />
  );
}

/** Asks what was counted in the drawer; it begins from what the ledger says. */
export function CountedPanel({
  counted: { usedUp },
  ledgerSays,
  onCounted,
  onClose,
}: {
  counted: Counted;
  ledgerSays: number;
  onCounted: (now: number) => void;
  onClose: () => void;
}) {
  const units = useUnits();
  const now = Math.max(0, ledgerSays);
  return (
    <FigurePanel
      title="Counted"
      set="Into the ledger"
      fields={[
        usedUp.by === 'edges'
          ? {
              key: 'now',
              label: 'Edges that are there',
              kind: 'whole',
              low: 0,
              high: MOST,
              start: String(now),
            }
          : {
              key: 'now',
              label: 'Length left to grind away',
              kind: 'size',
              low: 0,
              high: MOST,
              start: lengthText(now, units),
            },
      ]}
      onSet={({ now: [there] }) => onCounted(there!)}
      onClose={onClose}
    />
  );
}
