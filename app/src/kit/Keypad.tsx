import { drillList, readLength, type LengthUnit } from '@pike-stone/core';
import { memo, useCallback, useEffect, useId, useRef, useState, type ReactNode } from 'react';
import { Pressable, ScrollView, TextInput, View } from 'react-native';
import { sheet } from '../theme/sheet';
import { themed, useColours, useLow } from '../theme/theme';
import { CORNER, FONT, SPACE } from '../theme/type';
import { Button, IconButton } from './Button';
import { EraseIcon } from './icons';
import { faultOf, formatLength, inBoth, joined, unitOf, type SizeLimits } from '@pike-stone/words';
import { SIDEWAYS } from './marks';
import { Panel } from './Panel';
import { spokenName } from './spoken';
import { useSizeTyping } from './size-typing';
import { Words } from './Words';

interface KeypadProps {
  readonly title: string;
  /** Name of the place it is typed in; the last values are kept by place. */
  readonly place: string;
  readonly valueMm: number;
  readonly limits: SizeLimits;
  readonly field?: 'diameter' | 'drill';
  /** Why a value within the limits cannot be, as a sentence; null when it can. */
  readonly refuse?: ((mm: number) => string | null) | undefined;
  readonly onSet: (mm: number) => void;
  readonly onClose: () => void;
  /** Puts the proposed value back; given when a typed value stands over it. */
  readonly onReset?: () => void;
  /** Another way to enter the value, shown above the keys. */
  readonly more?: ReactNode;
}

const ROWS = [
  ['7', '8', '9', '1/2', '1/4'],
  ['4', '5', '6', '/8', '/16'],
  ['1', '2', '3', '/32', '/64'],
  ['0', '.', '␣', '#', 'thou'],
] as const;
const SAID: Readonly<Record<string, string>> = { '␣': 'space', '#': 'number drill', '.': 'point' };
const LETTERS = drillList('letter').map(({ name }) => name);

/** A keypad for a size as machinists write it; while it is typed it is read back in both units. */
export function Keypad({
  title,
  place,
  valueMm,
  limits,
  field = 'diameter',
  refuse = () => null,
  onSet,
  onClose,
  onReset,
  more,
}: KeypadProps) {
  const styles = useStyles();
  const colours = useColours();
  const { units, recent: typed, remember } = useSizeTyping();
  const [text, setText] = useState('');
  const [unit, setUnit] = useState<LengthUnit>(unitOf(units));
  const recent = typed[place] ?? [];
  const inOwnUnits = (mm: number) => joined(formatLength(mm, units));
  const readingId = useId();
  const input = useRef<TextInput>(null);
  const across = useLow();
  useEffect(() => input.current?.focus(), []);

  const entry = readLength(text, unit, field);
  const outside = text === '' ? null : faultOf(entry, limits, units);
  const fault = outside ?? (text !== '' && entry.status === 'ok' ? refuse(entry.valueMm) : null);
  const fits = (mm: number) => mm >= limits.lowMm && mm <= limits.highMm && refuse(mm) === null;
  const take = (mm: number) => {
    if (!fits(mm)) return;
    remember(place, mm);
    onSet(mm);
    onClose();
  };
  const set = () => {
    if (text === '') onClose();
    else if (entry.status === 'ok' && !fault) take(entry.valueMm);
  };
  const press = useCallback(
    (key: string) => setText((before) => before + (key === '␣' ? ' ' : key === 'thou' ? ' thou' : key)),
    [],
  );
  const unitKeys = (
    <View style={styles.row}>
      {(['mm', 'in'] as const).map((one) => (
        <Key
          key={one}
          label={one === unit ? `plain number = ${one}` : one}
          says={`plain numbers are ${one}`}
          chosen={one === unit}
          onPress={() => setUnit(one)}
        />
      ))}
    </View>
  );
  return (
    <Panel
      title={title}
      onClose={onClose}
      footer={
        <>
          {onReset && (
            <Button
              label="Use start"
              says="Use the proposed start"
              onPress={() => {
                onReset();
                onClose();
              }}
            />
          )}
          <Button
            kind="main"
            label="Set"
            onPress={set}
            disabled={text !== '' && fault !== null}
            style={styles.grow}
          />
        </>
      }
    >
      <View style={across && styles.across}>
        <View style={across && styles.half}>
          <View style={styles.entry}>
            <TextInput
              ref={input}
              value={text}
              onChangeText={setText}
              onSubmitEditing={set}
              inputMode="none"
              aria-label={title}
              aria-invalid={fault !== null && entry.status !== 'ambiguous'}
              {...{ 'aria-describedby': readingId }}
              placeholder={inOwnUnits(valueMm)}
              placeholderTextColor={colours.quiet}
              autoCorrect={false}
              autoCapitalize="none"
              style={styles.text}
            />
            <IconButton says="Rub out" onPress={() => setText((before) => before.slice(0, -1))}>
              <EraseIcon color={colours.accent} size={26} />
            </IconButton>
          </View>
          <View id={readingId} style={styles.reading} aria-live="polite">
            {text === '' ? (
              <Words role="note">{`Now ${inBoth(valueMm)}: type over it, or touch the keys.`}</Words>
            ) : entry.status === 'ok' && !fault ? (
              <Words role="figure">
                {text.trim()} is {inBoth(entry.valueMm)}
              </Words>
            ) : (
              <Words role={entry.status === 'ambiguous' ? 'note' : 'fault'}>{fault}</Words>
            )}
          </View>
          {(entry.status === 'ambiguous' || recent.length > 0) && (
            <View style={styles.row}>
              {entry.status === 'ambiguous'
                ? entry.candidatesMm.map((mm) => (
                    <Button
                      key={mm}
                      label={inBoth(mm)}
                      onPress={() => take(mm)}
                      style={styles.grow}
                      disabled={!fits(mm)}
                    />
                  ))
                : recent.map((mm) => (
                    <Key
                      key={mm}
                      label={inOwnUnits(mm)}
                      says={`again ${inBoth(mm)}`}
                      onPress={() => take(mm)}
                    />
                  ))}
            </View>
          )}
          {field === 'drill' && (
            <ScrollView
              horizontal
              style={styles.letters}
              contentContainerStyle={styles.row}
              aria-label="Letter drills"
              {...SIDEWAYS}
            >
              {LETTERS.map((letter) => (
                <View key={letter} style={styles.letter}>
                  <Key label={letter} says={`letter drill ${letter}`} onPress={() => setText(letter)} />
                </View>
              ))}
            </ScrollView>
          )}
          {more}
          {across && unitKeys}
        </View>
        <View style={across && styles.half}>
          {ROWS.map((row) => (
            <View key={row[0]} style={styles.row}>
              {row.map((key) => (
                <TypeKey key={key} label={key} onPress={press} />
              ))}
            </View>
          ))}
          {!across && unitKeys}
        </View>
      </View>
    </Panel>
  );
}

/** A key that types itself. It is not drawn again with each letter. */
const TypeKey = memo(function TypeKey({ label, onPress }: { label: string; onPress: (key: string) => void }) {
  return <Key label={label} says={SAID[label] ?? label} onPress={() => onPress(label)} big />;
});

/** A touched key leaves the focus in the field, so that a keyboard goes on from what stands there. */
const keepsFocus = { onMouseDown: (event: { preventDefault(): void }) => event.preventDefault() };

function Key({
  label,
  says,
  onPress,
  chosen = false,
  big = false,
}: {
  label: string;
  says: string;
  onPress: () => void;
  chosen?: boolean;
  big?: boolean;
}) {
  const styles = useStyles();
  return (
    <Pressable
      role="button"
      aria-label={spokenName(label, says)}
      onPress={onPress}
      {...keepsFocus}
      style={({ pressed }) => [styles.key, chosen && styles.chosen, pressed && styles.pressed]}
    >
      <Words
        role="figure"
        style={[styles.keyWords, big && label.length < 4 ? styles.bigKey : styles.smallKey]}
      >
        {label}
      </Words>
    </Pressable>
  );
}

const useStyles = themed((c) =>
  sheet({
    entry: {
      flexDirection: 'row',
      gap: SPACE.close,
      alignItems: 'center',
      marginHorizontal: SPACE.edge,
      borderWidth: 2,
      borderColor: c.accent,
      borderRadius: CORNER,
      backgroundColor: c.sheet,
    },
    text: {
      flex: 1,
      minWidth: 0,
      height: 54,
      paddingHorizontal: SPACE.near,
      fontFamily: FONT.figures,
      fontSize: 24,
      color: c.ink,
    },
    across: { flexDirection: 'row' },
    half: { flex: 1, minWidth: 0 },
    reading: { minHeight: 40, paddingHorizontal: SPACE.edge, justifyContent: 'center' },
    row: {
      flexDirection: 'row',
      gap: SPACE.close,
      paddingHorizontal: SPACE.edge,
      paddingBottom: SPACE.close,
    },
    letters: { flexGrow: 0, flexShrink: 0 },
    letter: { width: 48, flexDirection: 'row' },
    key: {
      flex: 1,
      minHeight: 48,
      alignItems: 'center',
      justifyContent: 'center',
      backgroundColor: c.sheet,
      borderWidth: 1,
      borderColor: c.line,
      borderRadius: CORNER,
      paddingHorizontal: 2,
    },
    chosen: { borderColor: c.accent, borderWidth: 2, backgroundColor: c.wash },
    pressed: { backgroundColor: c.wash },
    bigKey: { fontSize: 20 },
    keyWords: { textAlign: 'center' },
    smallKey: { fontSize: 14 },
    grow: { flex: 1 },
  }),
);
