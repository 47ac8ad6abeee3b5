import { usesLeft } from '@pike-stone/core/inventory';
import { ACT_WORDS } from '@pike-stone/words/stores';
import { usePrices } from '../../../data/prices';
import { putBack, save, type Shown } from '../../../data/records';
import { useStockLevels } from '../../../data/stock-levels';
import { Button } from '../../../kit/Button';
import { edgeGone, reground } from './acts';
import { useHappen } from './use-happen';
import type { Counted } from './used-up';
import { sheet } from '../../../theme/sheet';

/** One touch for what happens to an edge: used up or broken where edges are counted, else ground again. */
export function EdgeButtons({
  counted,
  name,
  tool,
}: {
  counted: Counted;
  /** What the ledger's sentence calls it. */
  name: string;
  /** The tool it belongs to; null for a box or a blank. Grinding makes a dull one sharp. */
  tool: Shown<'tools'> | null;
}) {
  const happen = useHappen();
  const { tallyOf } = useStockLevels();
  const prices = usePrices(tool?.body.kind ?? 'turning-tool');
  if (counted.usedUp.by === 'edges')
    return (['used', 'broken'] as const).map((act) => (
      <Button
        key={act}
        label={ACT_WORDS[act]}
        onPress={() => void happen(edgeGone(counted, act, prices), `${ACT_WORDS[act]}: ${name}.`)}
        style={styles.grow}
      />
    ));
  const grind = () => {
    const wasDull = tool?.body.dull ? tool : null;
    if (wasDull)
      void save('tools', wasDull.id, wasDull.version, { ...wasDull.body, dull: false }, wasDull.archived);
    const sharpAgain = wasDull ? () => void putBack('tools', wasDull) : undefined;
    void happen(reground(counted, prices), `${ACT_WORDS.ground}: ${name}.`, sharpAgain);
  };
  return (
    <Button
      label="Ground it"
      disabled={usesLeft(counted.usedUp, tallyOf(counted.of, counted.itemId)) < 1}
      onPress={grind}
      style={styles.grow}
    />
  );
}

const styles = sheet({ grow: { flexGrow: 1 } });
