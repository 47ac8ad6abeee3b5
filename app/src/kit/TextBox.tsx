import { useId } from 'react';
import { TextInput, View } from 'react-native';
import { sheet } from '../theme/sheet';
import { themed, useColours, useTextScale } from '../theme/theme';
import { CORNER, FONT, SIZE, SPACE, TOUCH } from '../theme/type';
import { Words } from './Words';

interface TextBoxProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly onBlur?: () => void;
  readonly placeholder?: string;
  readonly lines?: number;
  /** Longest text allowed. A count appears near it; nothing is cut off. */
  readonly limit?: number;
  readonly fault?: string | undefined;
  /** What the entry was read as, shown below the field. */
  readonly reading?: string | undefined;
  readonly figures?: boolean;
  readonly hideLabel?: boolean;
}

/** A text field with one sentence below it: the fault, or what was read. */
export function TextBox({
  label,
  value,
  onChange,
  onBlur,
  placeholder,
  lines = 1,
  limit,
  fault,
  reading,
  figures = false,
  hideLabel = false,
}: TextBoxProps) {
  const styles = useStyles();
  const colours = useColours();
  const scale = useTextScale();
  const id = useId();
  const near = limit !== undefined && value.length > limit * 0.9;
  const said = fault ?? reading;
  const describedBy = [said !== undefined && `${id}-said`, near && `${id}-count`].filter(Boolean).join(' ');
  return (
    <View style={styles.box}>
      {!hideLabel && <Words role="label">{label}</Words>}
      <TextInput
        aria-label={label}
        aria-invalid={fault !== undefined}
        {...(describedBy !== '' && { 'aria-describedby': describedBy })}
        value={value}
        onChangeText={onChange}
        onBlur={onBlur}
        multiline={lines > 1}
        numberOfLines={lines}
        placeholder={placeholder}
        placeholderTextColor={colours.quiet}
        autoCorrect={false}
        style={[
          styles.input,
          figures && styles.figures,
          lines > 1 && { height: scale * (26 * lines + 16) },
          fault !== undefined && styles.wrong,
        ]}
      />
      {said !== undefined && (
        <Words id={`${id}-said`} role={fault === undefined ? 'note' : 'fault'}>
          {said}
        </Words>
      )}
      {near && (
        <Words
          id={`${id}-count`}
          role={value.length > limit ? 'fault' : 'note'}
        >{`${value.length} of ${limit} characters`}</Words>
      )}
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({
    box: { gap: 3, flexGrow: 1, flexShrink: 1, minWidth: 0 },
    input: {
      minHeight: TOUCH,
      minWidth: 0,
      borderWidth: 1,
      borderColor: c.strongLine,
      borderRadius: CORNER,
      backgroundColor: c.sheet,
      color: c.ink,
      paddingHorizontal: SPACE.near,
      paddingVertical: 10,
      fontFamily: FONT.words,
      fontSize: SIZE.body,
    },
    figures: { fontFamily: FONT.figures },
    wrong: { borderColor: c.danger, borderWidth: 2 },
  }),
);
