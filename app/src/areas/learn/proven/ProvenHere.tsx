import { saySetting } from '@pike-stone/words/learn';
import { useRouter } from 'expo-router';
import { Pressable, View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { useRecords } from '../../../data/records';
import { Button } from '../../../kit/Button';
import { Unseen } from '../../../kit/Unseen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { themed } from '../../../theme/theme';
import { SPACE, TOUCH } from '../../../theme/type';
import type { Cut } from '../../cut/useCut';
import { isOfRun } from '../run/active-run';
import { sayHowOften } from './say-how-often';
import { useHowOften } from './how-often';

/** The setting that was proven for this machine, stock, tool and operation, with how often it worked and when last. */
export function ProvenHere({ cut: { choice, change } }: { cut: Pick<Cut, 'choice' | 'change'> }) {
  const styles = useStyles();
  const router = useRouter();
  const units = useUnits();
  const { records } = useRecords('proven');
  // The list is the newest first.
  const found = records.find(({ archived, body }) => !archived && isOfRun(body.cut, choice)) ?? null;
  const often = useHowOften(found?.body.cut ?? null, found?.body.set ?? null);
  if (!found) return null;
  const { cut, set } = found.body;
  const isSet =
    choice.rpmByHand === cut.rpmByHand
    && choice.depthMm === cut.depthMm
    && choice.feedByHand === cut.feedByHand;
  const use = () =>
    change({ rpmByHand: cut.rpmByHand, depthMm: cut.depthMm, feedByHand: cut.feedByHand, fluid: cut.fluid });
  return (
    <View style={styles.box} role="group" aria-label="Proven here">
      <Pressable role="button" onPress={() => router.push(`/book/proven/${found.id}`)} style={styles.words}>
        <Words role="label">
          Proven here<Unseen>: </Unseen>
        </Words>
        <Words role="strong">{saySetting(set, cut, units)}</Words>
        {often && (
          <Words role="note">
            <Unseen>. </Unseen>
            {sayHowOften(often)}
          </Words>
        )}
      </Pressable>
      <Button label={isSet ? 'Set' : 'Use it'} says="Use the proven setting" disabled={isSet} onPress={use} />
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({
    box: {
      flexDirection: 'row',
      alignItems: 'center',
      gap: SPACE.close,
      paddingHorizontal: SPACE.edge,
      paddingVertical: SPACE.close,
      borderTopWidth: 1,
      borderTopColor: c.line,
      borderLeftWidth: 4,
      borderLeftColor: c.accent,
      backgroundColor: c.wash,
    },
    words: { flex: 1, minHeight: TOUCH, justifyContent: 'center' },
  }),
);
