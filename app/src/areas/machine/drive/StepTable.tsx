import { type SpeedStep } from '@pike-stone/core';
import { formatSpindleSpeed, formatUncertainty } from '@pike-stone/words';
import { Pressable, View } from 'react-native';
import { Unseen } from '../../../kit/Unseen';
import { Words } from '../../../kit/Words';
import { sheet, textWide } from '../../../theme/sheet';
import { themed } from '../../../theme/theme';
import { SPACE, TOUCH } from '../../../theme/type';

interface StepTableProps {
  readonly steps: readonly SpeedStep[];
  /** Key of the position that the drawing shows. */
  readonly chosen: string | undefined;
  readonly unit: string;
  readonly onChoose: (step: SpeedStep) => void;
}

/** Table of all speeds, fastest first, each computed or measured. Touching one shows it on the drawing. */
export function StepTable({ steps, chosen, unit, onChoose }: StepTableProps) {
  const styles = useStyles();
  return (
    <View>
      {[...steps].reverse().map((step) => {
        const known = step.measured
          ? `measured ${formatUncertainty(step.measured.uRel)}`
          : step.computed
            ? `computed ${formatUncertainty(step.computed.uRel)}`
            : 'as stated';
        const { figure } = formatSpindleSpeed(step.rpm);
        return (
          <Pressable
            key={step.position ?? step.setting}
            role="button"
            onPress={() => onChoose(step)}
            style={[styles.row, step.position === chosen && styles.chosen]}
          >
            <Words role="figure" style={styles.figure}>
              {figure}
              <Unseen>{` ${unit}, `}</Unseen>
            </Words>
            <Words style={styles.words}>
              {step.setting}
              <Unseen>, </Unseen>
            </Words>
            <Words role={step.measured ? 'strong' : 'note'} style={styles.known}>
              {known}
            </Words>
          </Pressable>
        );
      })}
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({
    row: {
      flexDirection: 'row',
      alignItems: 'center',
      gap: SPACE.close,
      minHeight: TOUCH,
      borderBottomWidth: 1,
      borderBottomColor: c.line,
      paddingLeft: 6,
    },
    chosen: { backgroundColor: c.wash, borderLeftWidth: 4, borderLeftColor: c.accent, paddingLeft: 2 },
    figure: { width: textWide(56), textAlign: 'right' },
    words: { flex: 1 },
    known: { width: textWide(92), textAlign: 'right', fontSize: 14, lineHeight: 18 },
  }),
);
