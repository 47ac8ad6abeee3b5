import type { CostInput, CostInputs, EdgeTrade } from '@pike-stone/core/choose';
import { costWords } from '@pike-stone/words/choosing';
import { significant } from '@pike-stone/words';
import { View } from 'react-native';
import { Row } from '../../../kit/Row';
import { Words } from '../../../kit/Words';

/** Inputs that follow from the planned cuts: they are not typed. */
const FROM_THE_CUT: readonly CostInput[] = [
  'hssCutMin',
  'hssLifeMin',
  'carbideCutMin',
  'carbideLifeMin',
  'breakProbability',
];
const isPrice = (input: CostInput): boolean => !FROM_THE_CUT.includes(input);

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
  own: Readonly<Record<string, number>>;
  /** Prices that a tool or its box brings along. */
  fromDrawer: Readonly<Record<string, number>>;
  onTouch: (input: CostInput) => void;
}) {
  return (
    <View>
      {(Object.keys(inputs) as CostInput[]).map((input) => {
        const { title, unit } = costWords(input, trade);
        const about = !isPrice(input)
          ? input === 'breakProbability'
            ? 'typical of this machine’s condition, doubled by blows'
            : 'from the planned cut'
          : input in fromDrawer
            ? 'from the drawer'
            : input in own
              ? 'the shop’s own'
              : 'typical';
        const value = (
          <Words role="figure">{`${significant(inputs[input], 3)}${unit ? ` ${unit}` : ''}`}</Words>
        );
        return isPrice(input) ? (
          <Row key={input} title={title} about={about} aside={value} onPress={() => onTouch(input)} />
        ) : (
          <Fixed key={input} title={title} about={about} aside={value} />
        );
      })}
    </View>
  );
}

function Fixed({ title, about, aside }: { title: string; about: string; aside: React.ReactNode }) {
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12, padding: 16, paddingVertical: 9 }}>
      <View style={{ flex: 1 }}>
        <Words>{title}</Words>
        <Words role="note">{about}</Words>
      </View>
      {aside}
    </View>
  );
}
