import { useId, useRef } from 'react';
import { Pressable, View } from 'react-native';
import { sheet } from '../theme/sheet';
import { themed } from '../theme/theme';
import { CORNER, SIZE, SPACE, TOUCH } from '../theme/type';
import { Words } from './Words';

interface ChoiceProps<Value extends string> {
  readonly says: string;
  readonly options: readonly { readonly value: Value; readonly label: string }[];
  readonly value: Value | null;
  readonly onChange: (value: Value) => void;
  /** A note under it, tied to the group. */
  readonly about?: string | undefined;
}

const STEP: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

/**
 * A few named choices side by side, one of them taken. From the keyboard the group is
 * one stop; the arrows, Home and End go from choice to choice and take it, Space takes the one that has the focus.
 */
export function Choice<Value extends string>({ says, options, value, onChange, about }: ChoiceProps<Value>) {
  const styles = useStyles();
  const id = useId();
  const choices = useRef<(View | null)[]>([]);
  const stop = Math.max(
    0,
    options.findIndex((option) => option.value === value),
  );
  const onKeyDown = (at: number) => (event: { key: string; preventDefault(): void }) => {
    const step = STEP[event.key];
    const next =
      step !== undefined
        ? (at + step + options.length) % options.length
        : { Home: 0, End: options.length - 1, ' ': at }[event.key];
    if (next === undefined) return;
    event.preventDefault();
    onChange(options[next]!.value);
    choices.current[next]?.focus();
  };
  return (
    <>
      <View
        role="radiogroup"
        aria-label={says}
        {...(about !== undefined && { 'aria-describedby': `${id}-about` })}
        style={styles.group}
      >
        {options.map((option, i) => {
          const taken = option.value === value;
          return (
            <Pressable
              key={option.value}
              ref={(one) => {
                choices.current[i] = one;
              }}
              role="radio"
              aria-checked={taken}
              tabIndex={i === stop ? 0 : -1}
              onPress={() => onChange(option.value)}
              {...{ onKeyDown: onKeyDown(i) }}
              style={[styles.option, taken && styles.taken]}
            >
              <Words role={taken ? 'strong' : 'body'} style={[styles.label, taken && styles.takenLabel]}>
                {option.label}
              </Words>
            </Pressable>
          );
        })}
      </View>
      {about !== undefined && (
        <Words id={`${id}-about`} role="note">
          {about}
        </Words>
      )}
    </>
  );
}

/** A checkbox. */
export function Tick({
  label,
  about,
  value,
  onChange,
}: {
  label: string;
  about?: string | undefined;
  value: boolean;
  onChange: (value: boolean) => void;
}) {
  const styles = useStyles();
  const id = useId();
  return (
    <Pressable
      role="checkbox"
      aria-checked={value}
      aria-label={label}
      {...(about !== undefined && { 'aria-describedby': `${id}-about` })}
      onPress={() => onChange(!value)}
      {...{
        onKeyDown: (event: { key: string; preventDefault(): void }) => {
          if (event.key !== ' ') return;
          event.preventDefault();
          onChange(!value);
        },
      }}
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
        {about !== undefined && (
          <Words id={`${id}-about`} role="note">
            {about}
          </Words>
        )}
      </View>
    </Pressable>
  );
}

const useStyles = themed((c) =>
  sheet({
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
