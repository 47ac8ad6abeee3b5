import { formatLength, joined, sayDial } from '@pike-stone/words';
import { View } from 'react-native';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { themed } from '../../../theme/theme';
import { SPACE } from '../../../theme/type';
import type { PartProps } from './part-props';
import type { stepsUp } from './size-job';

/** List of the passes to come with their dial readings. */
export function Passes({ state, dial, sign, units, ups }: PartProps & { ups: ReturnType<typeof stepsUp> }) {
  const styles = useStyles();
  if (state.rows.length === 0) return null;
  const length = (mm: number) => joined(formatLength(mm, units));
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">{`${state.rows.length} ${state.rows.length === 1 ? 'pass' : 'passes'} to come`}</Words>
        <View role="list" aria-label="Passes">
          {state.rows.map((row, i) => (
            <View key={i} role="listitem" style={styles.pass}>
              <Words role="figure" style={styles.number}>
                {i + 1}
              </Words>
              <View style={styles.grow}>
                <Words role="strong">{sayDial(dial, row.dialMm)}</Words>
                <Words role="note">{`${length(row.depthMm)} deep`}</Words>
                {ups.has(i) && (
                  <Words role="note">{`Now ${Math.round(ups.get(i)!.rpm)} rpm is right: ${ups.get(i)!.setting}`}</Words>
                )}
              </View>
              <Words role="figure">{`${sign}${length(row.afterMm)}`}</Words>
            </View>
          ))}
        </View>
      </View>
    </Sheet>
  );
}

const useStyles = themed((c) =>
  sheet({
    group: { padding: SPACE.edge, gap: SPACE.hair },
    grow: { flex: 1 },
    number: { width: 22 },
    pass: {
      flexDirection: 'row',
      alignItems: 'center',
      gap: SPACE.near,
      minHeight: 52,
      borderBottomWidth: 1,
      borderBottomColor: c.line,
    },
  }),
);
