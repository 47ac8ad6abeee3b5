import { supplyState } from '@pike-stone/core/inventory';
import { sayLeft, STATE_WORDS } from '@pike-stone/words/stores';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { useRecords } from '../../../data/records';
import { useStockLevels } from '../../../data/stock-levels';
import { Row } from '../../../kit/Row';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
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
  const counted = [
    ...supplies.records.map((one) => ({ one, of: supplyCounted(one.id, one.body) })),
    // What comes from a box is told with the box.
    ...tools.records.map((one) => ({ one, of: toolCounted(one.id, { ...one.body, boxId: undefined }, []) })),
  ];
  const low = counted.flatMap(({ one, of }) => {
    if (one.archived || !of) return [];
    const tally = tallyOf(of.of, of.itemId);
    const state = supplyState(of.usedUp, tally);
    return state === 'plenty' || state === 'uncounted'
      ? []
      : [{ one, of, state, left: sayLeft(of.usedUp, tally, of.edgesEach, units) }];
  });
  if (low.length === 0) return null;
  return (
    <>
      <Words role="heading" style={styles.heading}>
        Running low
      </Words>
      <Sheet>
        <View role="list" aria-label="Running low">
          {low.map(({ one, of, state, left }) => (
            <View key={one.id} role="listitem">
              <Row
                title={`${one.body.name}, ${STATE_WORDS[state]}`}
                about={left}
                onPress={() => router.push(`/drawer/${of.of === 'tools' ? 'tools' : 'supplies'}/${one.id}`)}
              />
            </View>
          ))}
        </View>
      </Sheet>
    </>
  );
}

const styles = StyleSheet.create({ heading: { paddingHorizontal: SPACE.edge } });
