import { supplyState } from '@pike-stone/core/inventory';
import type { Prices } from '@pike-stone/core/choose';
import { formatLength, joined, type UnitSystem } from '@pike-stone/words';
import { formatMoney } from '@pike-stone/words/choosing';
import { ACT_WORDS, sayLeft, STATE_WORDS } from '@pike-stone/words/stores';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { enter, takeBack, useLedgerOf, useStockLevels, type Happening } from '../../../data/stock-levels';
import { Button } from '../../../kit/Button';
import { Sheet } from '../../../kit/Screen';
import { useUndo } from '../../../kit/Undo';
import { Words } from '../../../kit/Words';
import { SPACE } from '../../../theme/type';
import { bought, counted, edgeGone, reground } from './acts';
import { CountPanel } from './CountPanel';
import type { Counted } from './used-up';

/** Writes a happening at once and offers to take it back. */
export function useHappen() {
  const say = useUndo((state) => state.say);
  return async (happening: Happening, sentence: string, andUndo?: () => void): Promise<void> => {
    await enter(happening);
    say(sentence, () => {
      void takeBack(happening);
      andUndo?.();
    });
  };
}

const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' });
const SHOWN = 6;

/** What is left of a tool or a supply, one touch for each thing that happens to it, and its ledger. */
export function StockPart({
  of,
  name,
  prices,
  onGround,
}: {
  of: Counted;
  name: string;
  prices: Prices;
  /** Called when it was ground, with how to undo what that changed. */
  onGround?: (() => (() => void) | undefined) | undefined;
}) {
  const units = useUnits();
  const happen = useHappen();
  const { tallyOf } = useStockLevels();
  const { entries } = useLedgerOf(of.itemId);
  const [panel, setPanel] = useState<'bought' | 'counted' | null>(null);
  const tally = tallyOf(of.of, of.itemId);
  const state = supplyState(of.usedUp, tally);
  const isShort = state === 'low' || state === 'none';
  const byEdges = of.usedUp.by === 'edges';
  const ledgerSays = byEdges ? tally.edges : tally.lengthMm;
  const edge = (act: 'used' | 'broken') =>
    void happen(edgeGone(of, act, prices), `${ACT_WORDS[act]}: ${name}.`);
  const grind = () => {
    const undo = onGround?.();
    void happen(reground(of, prices), `Ground: ${name}.`, undo);
  };
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">{of.from ? `From ${of.from}` : 'What is left'}</Words>
        <Words testID="left" role={isShort ? 'fault' : 'body'}>
          {`${sayLeft(of.usedUp, tally, of.edgesEach, units)}${isShort ? `, ${STATE_WORDS[state]}` : ''}`}
        </Words>
        <View style={styles.row}>
          {byEdges && <Button label="Edge used up" onPress={() => edge('used')} style={styles.grow} />}
          {byEdges && <Button label="Edge broke" onPress={() => edge('broken')} style={styles.grow} />}
          {!byEdges && (
            <Button label="Ground it" disabled={state === 'none'} onPress={grind} style={styles.grow} />
          )}
          {of.of === 'supplies' && (
            <Button label="Bought" onPress={() => setPanel('bought')} style={styles.grow} />
          )}
          <Button label="Counted" onPress={() => setPanel('counted')} style={styles.grow} />
        </View>
        {entries.length > 0 && <Words role="note">{`It has cost ${formatMoney(tally.cost)} so far.`}</Words>}
        {entries.slice(0, SHOWN).map(({ id, body, waiting }) => (
          <Words key={id} role="note">
            {`${DAY.format(new Date(body.at))}: ${ACT_WORDS[body.act]}${saySize(body.edges, body.lengthMm, units)}${body.note ? `, ${body.note}` : ''}${waiting ? ', waiting to be sent' : ''}`}
          </Words>
        ))}
      </View>
      {panel && (
        <CountPanel
          what={panel}
          of={of}
          ledgerSays={ledgerSays}
          onBought={(count, price, lengthMm) =>
            void happen(bought(of, count, price, lengthMm), `Bought: ${name}.`)
          }
          onCounted={(now) => void happen(counted(of, now, ledgerSays), `Counted: ${name}.`)}
          onClose={() => setPanel(null)}
        />
      )}
    </Sheet>
  );
}

/** By how much an entry changed what is left. */
function saySize(edges: number, lengthMm: number, units: UnitSystem): string {
  const by = edges === 0 ? lengthMm : edges;
  if (by === 0) return '';
  const many = Math.abs(edges);
  const size =
    edges === 0
      ? joined(formatLength(Math.abs(lengthMm), units))
      : `${many} ${many === 1 ? 'edge' : 'edges'}`;
  return `, ${by > 0 ? '+' : '−'}${size}`;
}

const styles = StyleSheet.create({
  grow: { flexGrow: 1 },
  group: { padding: SPACE.edge, gap: SPACE.close },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.close },
});
