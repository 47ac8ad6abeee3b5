import { supplyState } from '@pike-stone/core/inventory';
import { formatMoney } from '@pike-stone/words/choosing';
import { ACT_WORDS, sayChange, sayLeft, STATE_WORDS } from '@pike-stone/words/stores';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import type { Shown } from '../../../data/records';
import { useLedgerOf, useStockLevels } from '../../../data/stock-levels';
import { Button } from '../../../kit/Button';
import { dayOf } from '../../../kit/day';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { bought, recounted } from './acts';
import { BoughtPanel, CountedPanel } from './CountPanels';
import { EdgeButtons } from './EdgeButtons';
import { useHappen } from './use-happen';
import type { Counted } from './used-up';

const SHOWN = 6;

/** What is left of a tool or a supply, one touch for each thing that happens to it, and its ledger. */
export function StockPart({
  counted,
  name,
  tool = null,
}: {
  counted: Counted;
  name: string;
  tool?: Shown<'tools'> | null;
}) {
  const units = useUnits();
  const happen = useHappen();
  const { tallyOf } = useStockLevels();
  const { entries } = useLedgerOf(counted.itemId);
  const [panel, setPanel] = useState<'bought' | 'counted' | null>(null);
  const close = () => setPanel(null);
  const tally = tallyOf(counted.of, counted.itemId);
  const state = supplyState(counted.usedUp, tally);
  const isShort = state === 'low' || state === 'none';
  const ledgerSays = counted.usedUp.by === 'edges' ? tally.edges : tally.lengthMm;
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">{counted.from ? `From ${counted.from}` : 'What is left'}</Words>
        <Words testID="left" role={isShort ? 'fault' : 'body'}>
          {`${sayLeft(counted.usedUp, tally, counted.edgesEach, units)}${isShort ? `, ${STATE_WORDS[state]}` : ''}`}
        </Words>
        <View style={styles.row}>
          <EdgeButtons counted={counted} name={name} tool={tool} />
          {counted.of === 'supplies' && (
            <Button label="Bought" onPress={() => setPanel('bought')} style={styles.grow} />
          )}
          <Button label="Counted" onPress={() => setPanel('counted')} style={styles.grow} />
        </View>
        {entries.length > 0 && <Words role="note">{`It has cost ${formatMoney(tally.cost)} so far.`}</Words>}
        {entries.slice(0, SHOWN).map(({ id, body, waiting }) => (
          <Words key={id} role="note">
            {[
              `${dayOf(body.at)}: ${ACT_WORDS[body.act]}`,
              sayChange(body, units),
              body.note,
              waiting && 'waiting to be sent',
            ]
              .filter(Boolean)
              .join(', ')}
          </Words>
        ))}
      </View>
      {panel === 'bought' && (
        <BoughtPanel
          counted={counted}
          onBought={(amount, price) => void happen(bought(counted, amount, price), `Bought: ${name}.`)}
          onClose={close}
        />
      )}
      {panel === 'counted' && (
        <CountedPanel
          counted={counted}
          ledgerSays={ledgerSays}
          onCounted={(now) => void happen(recounted(counted, now, ledgerSays), `Counted: ${name}.`)}
          onClose={close}
        />
      )}
    </Sheet>
  );
}

const styles = sheet({
  grow: { flexGrow: 1 },
  group: { padding: SPACE.edge, gap: SPACE.close },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.close },
});
