import { readLength } from '@pike-stone/core';
import { unitOf, type UnitSystem } from '@pike-stone/words';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Panel } from '../../../kit/Panel';
import { TextBox } from '../../../kit/TextBox';
import { SPACE } from '../../../theme/type';
import { lengthText } from '../form-values';
import type { Counted } from './used-up';

const MOST = 10_000;

/** A number as it is typed, from a least on; null when it cannot be. */
function read(text: string, least: number, isWhole: boolean): number | null {
  const value = Number(text.trim().replace(',', '.'));
  const fits = text.trim() !== '' && value >= least && value <= MOST && (!isWhole || Number.isInteger(value));
  return fits ? value : null;
}

/** A length as it is typed, mm; nothing is left when 0 is counted. */
function readSize(text: string, isBought: boolean, units: UnitSystem): number | null {
  if (!isBought && Number(text) === 0 && text.trim() !== '') return 0;
  const entry = readLength(text, unitOf(units));
  return entry.status === 'ok' && entry.valueMm <= MOST ? entry.valueMm : null;
}

/** Asks what was bought, or what was counted in the drawer. */
export function CountPanel({
  what,
  of,
  ledgerSays,
  onBought,
  onCounted,
  onClose,
}: {
  what: 'bought' | 'counted';
  of: Counted;
  ledgerSays: number;
  onBought: (count: number, price: number, lengthMm: number) => void;
  onCounted: (now: number) => void;
  onClose: () => void;
}) {
  const byEdges = of.usedUp.by === 'edges';
  const isBought = what === 'bought';
  const units = useUnits();
  const now = Math.max(0, ledgerSays);
  const [count, setCount] = useState(isBought ? '' : byEdges ? String(now) : lengthText(now, units));
  const [price, setPrice] = useState(String(of.price ?? ''));
  const amount = byEdges ? read(count, isBought ? 1 : 0, true) : readSize(count, isBought, units);
  const paid = read(price === '' ? '0' : price, 0, false);
  const label = byEdges
    ? isBought
      ? 'How many inserts'
      : 'Edges that are there'
    : isBought
      ? `Length to grind away, ${unitOf(units)}`
      : `Length left to grind away, ${unitOf(units)}`;
  const keep = () => {
    if (amount === null || (isBought && paid === null)) return;
    if (!isBought) onCounted(amount);
    else if (byEdges) onBought(amount, paid!, 0);
    else onBought(1, paid!, amount);
    onClose();
  };
  return (
    <Panel
      title={isBought ? 'Bought' : 'Counted'}
      onClose={onClose}
      footer={
        <Button
          kind="main"
          label="Into the ledger"
          disabled={amount === null || (isBought && paid === null)}
          onPress={keep}
          style={styles.grow}
        />
      }
    >
      <View style={styles.pad}>
        <TextBox
          label={label}
          value={count}
          figures
          onChange={setCount}
          fault={
            count !== '' && amount === null
              ? byEdges
                ? `A whole number from ${isBought ? 1 : 0} to ${MOST}.`
                : 'Cannot be read as a length.'
              : undefined
          }
        />
        {isBought && (
          <TextBox
            label={byEdges ? 'Price of one insert' : 'Price'}
            value={price}
            figures
            onChange={setPrice}
            fault={paid === null ? `A number from 0 to ${MOST}.` : undefined}
          />
        )}
      </View>
    </Panel>
  );
}

const styles = StyleSheet.create({
  grow: { flex: 1 },
  pad: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
});
