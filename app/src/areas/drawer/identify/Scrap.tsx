import { readNumber } from '@pike-stone/core';
import type { Identified } from '@pike-stone/core/identify';
import { ACT_WORDS } from '@pike-stone/words/stores';
import { formatMoney } from '@pike-stone/words/choosing';
import { useState } from 'react';
import { View } from 'react-native';
import { useStockLevels } from '../../../data/stock-levels';
import { Button } from '../../../kit/Button';
import { Sheet } from '../../../kit/Screen';
import { TextBox } from '../../../kit/TextBox';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { readWithin } from '../../figures/read-figure';
import { useHappen } from '../stores/use-happen';

/** What a kilogram of carbide scrap is worth when nothing is typed; typical, it moves with the metal market. */
const USUAL_PER_KG = '12';
const MOST_PER_KG = 100_000;

/** The scrap box of carbide, by weight, with what it is worth. */
export function Scrap({ found, massG }: { found: Identified; massG: string }) {
  const { tallyOf } = useStockLevels();
  const happen = useHappen();
  const [perKg, setPerKg] = useState(USUAL_PER_KG);
  const heap = tallyOf('scrap', null);
  const mass = readNumber(massG);
  const price = readWithin(perKg, 0, MOST_PER_KG);
  const worth = price.value === null ? null : (heap.massG / 1000) * price.value;
  const isCarbide = found.best === 'carbide';
  const add = () =>
    void happen(
      { of: 'scrap', itemId: null, act: 'scrapped', massG: mass ?? 0 },
      `${ACT_WORDS.scrapped}: ${mass} g.`,
    );
  const sell = () =>
    void happen(
      { of: 'scrap', itemId: null, act: 'sold', massG: -heap.massG, cost: -(worth ?? 0) },
      `Sold: ${Math.round(heap.massG)} g.`,
    );
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">Carbide scrap</Words>
        <Words testID="scrap">
          {`${Math.round(heap.massG)} g in the box${worth === null ? '' : `, worth about ${formatMoney(worth)}`}`}
        </Words>
        <TextBox label="A kilogram is worth" figures value={perKg} onChange={setPerKg} fault={price.fault} />
        <View style={styles.row}>
          <Button
            label={mass && isCarbide ? `This one, ${mass} g, to the scrap` : 'Weigh carbide first'}
            disabled={!mass || mass < 0 || !isCarbide}
            onPress={add}
            style={styles.grow}
          />
          <Button label="Sold" disabled={heap.massG <= 0 || worth === null} onPress={sell} />
        </View>
      </View>
    </Sheet>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  group: { padding: SPACE.edge, gap: SPACE.close },
  row: { flexDirection: 'row', gap: SPACE.close },
});
