import { PRICE_LIMITS } from '@pike-stone/contract';
import type { EdgeTrade, Prices } from '@pike-stone/core/choose';
import { significant, unitOf } from '@pike-stone/words';
import { costWords } from '@pike-stone/words/choosing';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { FigurePanel } from '../../figures/FigurePanel';
import { lengthText } from '../../figures/read-figure';

const UNIT_WORDS = { money: 'in the shop’s money', minutes: 'minutes', share: 'of 1', pieces: '' };

/** One price of the shop: typed here, kept for every job. */
export function PricePanel({
  price,
  trade,
  value,
  isOwn,
  onSet,
  onClose,
}: {
  price: keyof Prices;
  trade: EdgeTrade;
  value: number;
  isOwn: boolean;
  /** Null puts the typical price back. */
  onSet: (value: number | null) => void;
  onClose: () => void;
}) {
  const units = useUnits();
  const { title, counts } = costWords(price, trade);
  const [low, high] = PRICE_LIMITS[price];
  const backToTypical = () => {
    onSet(null);
    onClose();
  };
  return (
    <FigurePanel
      title={title}
      fields={[
        {
          key: 'price',
          label: title,
          hideLabel: true,
          kind: counts === 'length' ? 'size' : 'number',
          low,
          high,
          start: counts === 'length' ? lengthText(value, units) : significant(value, 4),
          about: counts === 'length' ? unitOf(units) : UNIT_WORDS[counts],
        },
      ]}
      other={isOwn && <Button label="Back to the typical" onPress={backToTypical} />}
      onSet={({ price: [typed] }) => onSet(typed!)}
      onClose={onClose}
    />
  );
}
