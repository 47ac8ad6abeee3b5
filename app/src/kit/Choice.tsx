import { Pressable, StyleSheet, View } from 'react-native';
import { themed } from '../theme/theme';
import { CORNER, SIZE, SPACE, TOUCH } from '../theme/type';
import { Words } from './Words';

interface ChoiceProps<Value extends string> {
  readonly says: string;
  readonly options: readonly { readonly value: Value; readonly label: string }[];
  readonly value: Value | null;
  readonly onChange: (value: Value) => void;
}

/** A few named choices side by side, one of them taken. */
export function Choice<Value extends string>({ says, options, value, onChange }: ChoiceProps<Value>) {
  const styles = useStyles();
  return (
    <View role="radiogroup" aria-label={says} style={styles.group}>
      {options.map((option) => {
        const taken = option.value === value;
        return (
          <Pressable
            key={option.value}
            role="radio"
            aria-checked={taken}
            aria-label={option.label}
            onPress={() => onChange(option.value)}
            style={[styles.option, taken && styles.taken]}
          >
            <Words role={taken ? 'strong' : 'body'} style={[styles.label, taken && styles.takenLabel]}>
              {option.label}
            </Words>
          </Pressable>
        );
      })}
    </View>
  );
}

/** One thing that is so or not so. */
export function Tick({
  label,
  about,
  value,
  onChange,
}: {
  label: string;
  about?: string;
  value: boolean;
  onChange: (value: boolean) => void;
}) {
  const styles = useStyles();
  return (
    <Pressable
      role="checkbox"
      aria-checked={value}
      aria-label={label}
      onPress={() => onChange(!value)}
      style={styles.tick}
    >
      <View style={[styles.box, value && styles.boxOn]}>
        {value && (
          <Words role="strong" style={styles.mark}>
            ✓
          </Words>
        )}
      </View>
      <View style={styles.tickWords}>
        <Words>{label}</Words>
        {about && <Words role="note">{about}</Words>}
      </View>
    </Pressable>
  );
}

const useStyles = themed((c) =>
  StyleSheet.create({
    group: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.close },
    option: {
      minHeight: TOUCH,
      flexGrow: 1,
      paddingHorizontal: SPACE.near,
      alignItems: 'center',
      justifyContent: 'center',
      borderWidth: 1,
      borderColor: c.strongLine,
      borderRadius: CORNER,
      backgroundColor: c.sheet,
    },
    taken: { borderColor: c.accent, borderWidth: 2, backgroundColor: c.wash },
    label: { fontSize: SIZE.body, textAlign: 'center' },
    takenLabel: { color: c.accent },
    tick: {
      flexDirection: 'row',
      gap: SPACE.near,
      minHeight: TOUCH,
      alignItems: 'center',
      paddingVertical: SPACE.close,
    },
    box: {
      width: 28,
      height: 28,
      borderWidth: 2,
      borderColor: c.strongLine,
      borderRadius: CORNER,
      alignItems: 'center',
      justifyContent: 'center',
      backgroundColor: c.sheet,
    },
    boxOn: { borderColor: c.accent, backgroundColor: c.accent },
    mark: { color: c.onAccent, lineHeight: 22 },
    tickWords: { flex: 1 },
  }),
);
