import { useId, useState } from 'react';
import { Pressable, View } from 'react-native';
import { sheet } from '../theme/sheet';
import { themed, useColours } from '../theme/theme';
import { CORNER, SPACE, TOUCH } from '../theme/type';
import { ForwardIcon } from './icons';
import { Panel } from './Panel';
import { Row } from './Row';
import { Unseen } from './Unseen';
import { Words } from './Words';

interface PickerProps {
  readonly label: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
  readonly value: string;
  readonly onChange: (value: string) => void;
  /** A note under it, tied to the field. */
  readonly about?: string | undefined;
}

/** A choice from a long list: the field shows the chosen one and opens the list on a panel. */
export function Picker({ label, options, value, onChange, about }: PickerProps) {
  const styles = useStyles();
  const colours = useColours();
  const id = useId();
  const [open, setOpen] = useState(false);
  const taken = options.find((option) => option.value === value);
  return (
    <View style={styles.box}>
      <Pressable
        role="button"
        {...(about !== undefined && { 'aria-describedby': `${id}-about` })}
        onPress={() => setOpen(true)}
        style={styles.touched}
      >
        <Words role="label">
          {label}
          <Unseen>: </Unseen>
        </Words>
        <View style={styles.field}>
          <Words role="strong" style={styles.words}>
            {taken?.label ?? 'Choose'}
            <Unseen>, change</Unseen>
          </Words>
          <ForwardIcon color={colours.quiet} size={20} />
        </View>
      </Pressable>
      {about !== undefined && (
        <Words id={`${id}-about`} role="note">
          {about}
        </Words>
      )}
      {open && (
        <Panel title={label} onClose={() => setOpen(false)}>
          {options.map((option) => (
            <Row
              key={option.value}
              title={option.label}
              chosen={option.value === value}
              onPress={() => {
                onChange(option.value);
                setOpen(false);
              }}
            />
          ))}
        </Panel>
      )}
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({
    box: { gap: 3 },
    touched: { gap: 3 },
    field: {
      minHeight: TOUCH,
      flexDirection: 'row',
      alignItems: 'center',
      paddingHorizontal: SPACE.near,
      borderWidth: 1,
      borderColor: c.strongLine,
      borderRadius: CORNER,
      backgroundColor: c.sheet,
    },
    words: { flex: 1, color: c.accent },
  }),
);
