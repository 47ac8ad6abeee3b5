import type { ReactNode } from 'react';
import { Pressable, View, type StyleProp, type ViewStyle } from 'react-native';
import { sheet } from '../theme/sheet';
import { themed, useColours } from '../theme/theme';
import { CORNER, SIZE, SPACE, TOUCH } from '../theme/type';
import { spokenName } from './spoken';
import { Words } from './Words';
import { NOT_PRINTED } from './marks';

interface ButtonProps {
  readonly label: string;
  readonly onPress: () => void;
  readonly kind?: 'main' | 'other' | 'plain';
  readonly icon?: (colour: string) => ReactNode;
  readonly disabled?: boolean;
  /** Its work is under way: it does nothing until that is done. */
  readonly busy?: boolean;
  readonly style?: StyleProp<ViewStyle>;
  /** Spoken name, when the label alone does not say what the button does. */
  readonly says?: string;
}

/** A button. A screen has at most one of the kind `main`. */
export function Button({
  label,
  onPress,
  kind = 'other',
  icon,
  disabled = false,
  busy = false,
  style,
  says,
}: ButtonProps) {
  const styles = useStyles();
  const colours = useColours();
  const colour = kind === 'main' ? colours.onAccent : colours.accent;
  return (
    <Pressable
      role="button"
      aria-label={spokenName(label, says)}
      aria-disabled={disabled || busy}
      aria-busy={busy}
      disabled={disabled || busy}
      onPress={onPress}
      style={({ pressed }) => [
        styles.button,
        styles[kind],
        pressed && styles.pressed,
        disabled && styles.disabled,
        style,
      ]}
    >
      {icon && <View>{icon(colour)}</View>}
      <Words role="strong" style={[styles.label, { color: colour }]}>
        {label}
      </Words>
    </Pressable>
  );
}

/** A button with an icon only; `says` is its spoken name. */
export function IconButton({
  says,
  onPress,
  children,
  disabled = false,
}: {
  says: string;
  onPress: () => void;
  children: ReactNode;
  disabled?: boolean;
}) {
  const styles = useStyles();
  return (
    <Pressable
      {...NOT_PRINTED}
      role="button"
      aria-label={says}
      aria-disabled={disabled}
      disabled={disabled}
      onPress={onPress}
      style={({ pressed }) => [styles.icon, pressed && styles.pressed, disabled && styles.disabled]}
    >
      {children}
    </Pressable>
  );
}

const useStyles = themed((c) =>
  sheet({
    button: {
      minHeight: TOUCH,
      borderRadius: CORNER,
      paddingHorizontal: SPACE.edge,
      flexDirection: 'row',
      gap: SPACE.close,
      alignItems: 'center',
      justifyContent: 'center',
      borderWidth: 1,
    },
    main: { backgroundColor: c.accent, borderColor: c.accent, minHeight: 56 },
    other: { backgroundColor: c.sheet, borderColor: c.accent },
    plain: { backgroundColor: 'transparent', borderColor: 'transparent', paddingHorizontal: SPACE.close },
    pressed: { opacity: 0.75 },
    disabled: { opacity: 0.45 },
    label: { fontSize: SIZE.body + 1 },
    icon: {
      width: TOUCH,
      height: TOUCH,
      alignItems: 'center',
      justifyContent: 'center',
      borderRadius: CORNER,
    },
  }),
);
