import { Fragment } from 'react';
import { Pressable, View } from 'react-native';
import { sheet } from '../theme/sheet';
import { themed } from '../theme/theme';
import { SPACE, TOUCH } from '../theme/type';
import { Unseen } from './Unseen';
import { Words } from './Words';

/** A reason with its weight: below 0 it speaks for the left side, above 0 for the right. */
export interface Reason {
  readonly key: string;
  readonly title: string;
  readonly weight: number;
  readonly text: string;
}

interface BalanceProps {
  readonly left: string;
  readonly right: string;
  readonly reasons: readonly Reason[];
  /** Weight of a bar that fills its half. */
  readonly most: number;
  readonly opened: string | null;
  readonly onOpen: (key: string | null) => void;
}

/** Reasons for one side and for the other as bars from a middle line; touching one says it in words. */
export function Balance({ left, right, reasons, most, opened, onOpen }: BalanceProps) {
  const styles = useStyles();
  return (
    <View role="list" aria-label={`Reasons for ${left} and for ${right}`}>
      <View style={styles.heads}>
        <View style={styles.title} />
        <Words role="label" style={styles.side}>{`← ${left}`}</Words>
        <Words role="label" style={[styles.side, styles.right]}>{`${right} →`}</Words>
      </View>
      {reasons.map(({ key, title, weight, text }) => {
        const share = Math.min(1, Math.abs(weight) / most);
        const isOpen = key === opened;
        const side = weight < 0 ? left : right;
        return (
          <Fragment key={key}>
            <View role="listitem">
              <Pressable
                role="button"
                aria-expanded={isOpen}
                onPress={() => onOpen(isOpen ? null : key)}
                style={({ pressed }) => [styles.row, (pressed || isOpen) && styles.pressed]}
              >
                <Words role={isOpen ? 'strong' : 'body'} style={styles.title}>
                  {title}
                  <Unseen>, </Unseen>
                </Words>
                <View style={styles.half}>
                  {weight < 0 && <View style={[styles.bar, styles.toLeft, { width: `${share * 100}%` }]} />}
                </View>
                <View style={[styles.half, styles.middle]}>
                  {weight > 0 && <View style={[styles.bar, { width: `${share * 100}%` }]} />}
                </View>
                <Words role="figure" style={styles.weight}>
                  {Math.abs(weight).toFixed(1)}
                  <Unseen>{` for ${side}`}</Unseen>
                </Words>
              </Pressable>
            </View>
            {isOpen && (
              <Words style={styles.text} role="body">
                {text}
              </Words>
            )}
          </Fragment>
        );
      })}
    </View>
  );
}

const TITLE_WIDTH = 124;

const useStyles = themed((c) =>
  sheet({
    heads: { flexDirection: 'row', paddingHorizontal: SPACE.edge, paddingTop: SPACE.close },
    side: { flex: 1 },
    right: { textAlign: 'right', paddingRight: 36 },
    row: { flexDirection: 'row', alignItems: 'center', minHeight: TOUCH, paddingHorizontal: SPACE.edge },
    pressed: { backgroundColor: c.wash },
    title: { width: TITLE_WIDTH },
    half: { flex: 1, height: 22, justifyContent: 'center' },
    middle: { borderLeftWidth: 2, borderLeftColor: c.ink },
    bar: { height: 14, backgroundColor: c.accent },
    toLeft: { alignSelf: 'flex-end', backgroundColor: c.quiet },
    weight: { width: 36, textAlign: 'right' },
    text: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.near },
  }),
);
