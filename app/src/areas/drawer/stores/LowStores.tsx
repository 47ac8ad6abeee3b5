import { supplyState } from '@pike-stone/core/inventory';
import { sayLeft, STATE_WORDS } from '@pike-stone/words/stores';
import { useRouter, type Href } from 'expo-router';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { useRecords } from '../../../data/records';
import { useStockLevels } from '../../../data/stock-levels';
import { Row } from '../../../kit/Row';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { supplyCounted, toolCounted } from './used-up';

/** What is low or gone in the drawer; nothing when there is enough of everything. */
export function LowStores() {
  const router = useRouter();
  const units = useUnits();
  const supplies = useRecords('supplies');
  const tools = useRecords('tools');
  const { tallyOf, loading } = useStockLevels();
  if (loading) return null;
  const everything = [
    ...supplies.records.map((one) => ({ one, counted: supplyCounted(one.id, one.body) })),
    // What comes from a box is told with the box.
    ...tools.records.map((one) => ({
      one,
      counted: toolCounted(one.id, { ...one.body, boxId: undefined }, []),
    })),
  ];
  const low = everything.flatMap(({ one, counted }) => {
    if (one.archived || !counted) return [];
    const tally = tallyOf(counted.of, counted.itemId);
    const state = supplyState(counted.usedUp, tally);
    if (state === 'plenty' || state === 'uncounted') return [];
    const left = sayLeft(counted.usedUp, tally, counted.edgesEach, units);
    return [{ one, state, left, to: `/drawer/${counted.of}/${one.id}` as Href }];
  });
  if (low.length === 0) return null;
  return (
    <>
      <Words role="heading" style={styles.heading}>
        Running low
      </Words>
      <Sheet>
        <View role="list" aria-label="Running low">
          {low.map(({ one, state, left, to }) => (
            <View key={one.id} role="listitem">
              <Row
                title={`${one.body.name}, ${STATE_WORDS[state]}`}
                about={left}
                onPress={() => router.push(to)}
              />
            </View>
          ))}
        </View>
      </Sheet>
    </>
  );
}

const styles = sheet({ heading: { paddingHorizontal: SPACE.edge } });
