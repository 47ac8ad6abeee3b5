import { formatSpindleSpeed, formatUncertainty, joined } from '@pike-stone/words';
import { pulseSpeed } from '@pike-stone/core/drive';
import { useState } from 'react';
import { View } from 'react-native';
import { useInstrument, useInstruments, type Stream } from '../../../data/instruments';
import { Button } from '../../../kit/Button';
import { Empty, Loading } from '../../../kit/Empty';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { StreamState, Trace } from '../instruments/Live';
import { useFigures } from '../../figures/useFigures';
import { surely } from './measures';
import type { WayProps } from './way-props';

const LOOKED_AT_S = 8;
const GOOD = 0.9;
const FAIR = 0.7;

/** Measures a speed with the pulse tachometer at the shop's computer. */
export function PulseWay(props: WayProps) {
  const { data, error } = useInstruments();
  if (!data) return <Loading error={error as Error | undefined} />;
  if (!data.instruments.some(({ kind }) => kind === 'tachometer')) {
    return (
      <Empty title="No tachometer here">
        Connect one to the shop’s computer, or measure in another way: tap along, count turns, or roll a
        wheel.
      </Empty>
    );
  }
  return <Pulses {...props} />;
}

function Pulses({ onTake, rpm: near }: WayProps) {
  const live = useInstrument('tachometer', near, LOOKED_AT_S);
  const [held, setHeld] = useState<Stream | null>(null);
  const marks = useFigures([
    {
      key: 'marks',
      label: 'Marks that pass the sensor in one turn',
      kind: 'number',
      low: 1,
      high: 200,
      start: '1',
    },
  ]);
  const stream = held ?? live;
  const perTurn = marks.peek('marks')?.[0] ?? 1;
  const found = pulseSpeed(
    stream.readings.map(({ t }) => t),
    perTurn,
  );
  const take = () => {
    if (!found || !marks.take()) return;
    onTake({ rpm: found.rpm, uRel: surely(found.uRel), how: 'pulses' });
    setHeld(null);
  };
  return (
    <View style={styles.way}>
      <StreamState stream={stream} held={held !== null} />
      <View style={styles.found}>
        {found ? (
          <Words role="big" testID="live-speed" style={styles.big}>
            {joined(formatSpindleSpeed(found.rpm))}{' '}
            <Words role="quiet">{formatUncertainty(surely(found.uRel))}</Words>
          </Words>
        ) : (
          <Words role="note">{stream.state === 'live' ? 'Waiting for four pulses …' : 'No pulses.'}</Words>
        )}
        {found && (
          <Words
            role={found.quality < FAIR ? 'fault' : 'note'}
          >{`${sayQuality(found.quality)}: ${stream.readings.length} pulses, ${found.missed} missed, ${found.doubled} doubled, ${stream.bad} lines unreadable, all allowed for`}</Words>
        )}
      </View>
      <Trace
        says="Speed from pulse to pulse"
        points={(found?.trace ?? []).map(({ t, rpm, odd }) => ({ t, value: rpm, odd }))}
        spanS={LOOKED_AT_S}
        level={found?.rpm ?? null}
        show={(value) => formatSpindleSpeed(value).figure}
      />
      <View style={styles.row}>
        <Button
          label={held ? 'Go on' : 'Hold'}
          disabled={!found}
          onPress={() => setHeld(held ? null : live)}
        />
        <Button
          kind="main"
          label="Take this measure"
          disabled={!found || (stream.state !== 'live' && !held)}
          onPress={take}
          style={styles.grow}
        />
      </View>
      {marks.boxes}
    </View>
  );
}

const sayQuality = (share: number): string =>
  `${share >= GOOD ? 'Good' : share >= FAIR ? 'Fair' : 'Poor, look at the sensor and its mark'} signal, ${Math.round(100 * share)} % clean`;

const styles = sheet({
  way: { padding: SPACE.edge, gap: SPACE.near },
  found: { minHeight: 84 },
  big: { fontSize: 34, lineHeight: 42 },
  row: { flexDirection: 'row', gap: SPACE.close },
  grow: { flex: 1 },
});
