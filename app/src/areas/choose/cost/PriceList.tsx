import { PRICE_LIMITS, type PricesBody } from '@pike-stone/contract';
import type { CostInput, CostInputs, EdgeTrade, Prices } from '@pike-stone/core/choose';
import { costWords, sayCostValue } from '@pike-stone/words/choosing';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Row } from '../../../kit/Row';
import { Words } from '../../../kit/Words';

/** Prices are typed; the other inputs of a cost follow from the planned cuts. */
const isPrice = (input: CostInput): input is keyof Prices => input in PRICE_LIMITS;

/** Every input of the cost with where it comes from; the prices are touched to put the shop's own. */
export function PriceList({
  inputs,
  trade,
  own,
  fromDrawer,
  onTouch,
}: {
  inputs: CostInputs;
  trade: EdgeTrade;
  /** Prices that the shop has put in place of the typical ones. */
  own: PricesBody;
  /** Prices that a tool or its box brings along. */
  fromDrawer: readonly (keyof Prices)[];
  onTouch: (price: keyof Prices) => void;
}) {
  const units = useUnits();
  const sourceOf = (price: keyof Prices): string => {
    if (fromDrawer.includes(price)) return 'from the drawer';
    return own[price] === undefined ? 'typical' : 'the shop’s own';
  };
  return (
    <View>
      {(Object.keys(inputs) as CostInput[]).map((input) => {
        const { title, counts } = costWords(input, trade);
        const value = <Words role="figure">{sayCostValue(counts, inputs[input], units)}</Words>;
        if (isPrice(input))
          return (
            <Row
              key={input}
              title={title}
              about={sourceOf(input)}
              aside={value}
              onPress={() => onTouch(input)}
            />
          );
        const about =
          input === 'breakProbability'
            ? 'typical of this machine’s condition, doubled by blows'
            : 'from the planned cut';
        return <Row key={input} title={title} about={about} aside={value} />;
      })}
    </View>
  );
}
