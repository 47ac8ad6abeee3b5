import type { CostInput, EdgeTrade } from '@pike-stone/core/choose';
import { costWords } from '@pike-stone/words/choosing';
import { significant } from '@pike-stone/words';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../../kit/Button';
import { Panel } from '../../../kit/Panel';
import { TextBox } from '../../../kit/TextBox';
import { SPACE } from '../../../theme/type';

const MOST = 1e6;
/** Inputs that something is divided by: none of it is no value. */
const ABOVE_ZERO: readonly CostInput[] = ['regrindRemovedMm', 'edges', 'holderEdgeLives', 'ratePerMin'];

/** A number as it is typed, with a point or a comma; null when it cannot be. */
function readAmount(text: string, input: CostInput): number | null {
  const amount = Number(text.trim().replace(',', '.'));
  const least = ABOVE_ZERO.includes(input) ? 1e-4 : 0;
  return text.trim() !== '' && amount >= least && amount <= MOST ? amount : null;
}

/** One price of the shop: typed here, kept for every job. */
export function PricePanel({
  input,
  trade,
  value,
  isOwn,
  onSet,
  onClose,
}: {
  input: CostInput;
  trade: EdgeTrade;
  value: number;
  isOwn: boolean;
  /** Null puts the typical price back. */
  onSet: (value: number | null) => void;
  onClose: () => void;
}) {
  const { title, unit } = costWords(input, trade);
  const [text, setText] = useState(significant(value, 4));
  const read = readAmount(text, input);
  const keep = (amount: number | null) => {
    onSet(amount);
    onClose();
  };
  return (
    <Panel
      title={title}
      onClose={onClose}
      footer={
        <>
          {isOwn && <Button label="Back to the typical" onPress={() => keep(null)} />}
          <Button
            kind="main"
            label="Set"
            disabled={read === null}
            onPress={() => read !== null && keep(read)}
            style={styles.grow}
          />
        </>
      }
    >
      <View style={styles.pad}>
        <TextBox
          label={unit ? `${title}, ${unit}` : `${title}, in the shop’s money`}
          hideLabel
          figures
          value={text}
          onChange={setText}
          fault={
            read === null
              ? `A number ${ABOVE_ZERO.includes(input) ? 'above 0' : 'from 0'} to ${MOST}.`
              : undefined
          }
          reading={unit || 'in the shop’s money'}
        />
      </View>
    </Panel>
  );
}

const styles = StyleSheet.create({ grow: { flex: 1 }, pad: { padding: SPACE.edge } });
