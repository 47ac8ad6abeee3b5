import { formatSpindleSpeed, formatUncertainty, joined } from '@pike-stone/words';
import { tapTiming } from '@pike-stone/core/drive';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Button } from '../../../kit/Button';
import { Choice } from '../../../kit/Choice';
import { useKeys } from '../../../kit/keys';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { themed } from '../../../theme/theme';
import { CORNER, SPACE } from '../../../theme/type';
import type { WayProps } from './way-props';
import { surely } from './measures';

const EVERY = [
  { value: '1', label: 'Every turn' },
  { value: '5', label: 'Every 5th' },
  { value: '10', label: 'Every 10th' },
] as const;
const FASTEST_TAPS = 120;

/** Measures a speed by tapping each time a chalk mark passes. Doubled, missed and stray taps are left out. */
export function TapWay({ onTake }: WayProps) {
  const styles = useStyles();
  const [every, setEvery] = useState<(typeof EVERY)[number]['value']>('1');
  const [taps, setTaps] = useState<readonly number[]>([]);
  const tap = () => setTaps((before) => [...before, performance.now() / 1000]);
  useKeys({ ' ': tap });
  const found = tapTiming(taps, Number(every));
  const aside =
    found
    && [
      found.doublesDropped > 0 && `${found.doublesDropped} double`,
      found.missedTaps > 0 && `${found.missedTaps} missed`,
      found.outliersDropped > 0 && `${found.outliersDropped} far out`,
    ]
      .filter(Boolean)
      .join(', ');
  const tooQuick = found !== null && found.rpm / Number(every) > FASTEST_TAPS;
  return (
    <View style={styles.way}>
      <Choice
        says="Tap"
        value={every}
        onChange={(value) => {
          setEvery(value);
          setTaps([]);
        }}
        options={EVERY}
      />
      <View style={styles.found} aria-live="polite">
        {found ? (
          <>
            <Words role="big">
              {joined(formatSpindleSpeed(found.rpm))}{' '}
              <Words role="quiet">{formatUncertainty(surely(found.uRel))}</Words>
            </Words>
            <Words role="note">{`${taps.length} taps${aside ? `; allowed for: ${aside}` : ''}`}</Words>
          </>
        ) : (
          <Words role="note">
            {taps.length === 0
              ? 'Stop the spindle, chalk a mark on the chuck or pulley, start it, stand clear.'
              : `${taps.length} ${taps.length === 1 ? 'tap' : 'taps'}. Go on, ten are good.`}
          </Words>
        )}
        {tooQuick && (
          <Words role="fault">Faster than people tap surely: take every 5th turn, or the back gear.</Words>
        )}
      </View>
      {/* The finger coming down, not a press: a press waits to see whether it becomes a scroll. */}
      <Pressable
        role="button"
        onPointerDown={tap}
        style={({ pressed }) => [styles.pad, pressed && styles.pressed]}
      >
        <Words role="heading">Tap as the mark comes by</Words>
        <Words role="note">anywhere here, or the space bar</Words>
      </Pressable>
      <View style={styles.row}>
        <Button label="Start again" disabled={taps.length === 0} onPress={() => setTaps([])} />
        <Button
          kind="main"
          label="Take this measure"
          disabled={!found}
          style={styles.grow}
          onPress={() => {
            if (found) {
              onTake({ rpm: found.rpm, uRel: surely(found.uRel), how: 'tapped' });
              setTaps([]);
            }
          }}
        />
      </View>
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({
    way: { padding: SPACE.edge, gap: SPACE.near },
    found: { minHeight: 56 },
    pad: {
      height: 190,
      alignItems: 'center',
      justifyContent: 'center',
      borderWidth: 2,
      borderColor: c.accent,
      borderRadius: CORNER,
      backgroundColor: c.wash,
      userSelect: 'none',
    },
    pressed: { backgroundColor: c.sheet },
    row: { flexDirection: 'row', gap: SPACE.close },
    grow: { flex: 1 },
  }),
);
