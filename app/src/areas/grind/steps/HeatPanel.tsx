import { choosesHeat } from '@pike-stone/core/grind';
import { sayHeat, sayHeatTimer } from '@pike-stone/words/grind';
import { View } from 'react-native';
import { Bar } from '../../../kit/Bar';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Panel } from '../../../kit/Panel';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SIZE, SPACE } from '../../../theme/type';
import { HeatSchool } from '../plan/HeatSchool';
import type { Bit } from '../use-bit';
import { useNow, type TipClock } from './tip-clock';

/** A timer that knows how warm the tip gets: grind, pause, dip, and how long until the other. */
export function HeatPanel({ bit, clock, onClose }: { bit: Bit; clock: TipClock; onClose: () => void }) {
  const { material, heat: school } = bit.body;
  const { grinding, tipC, limitC, until } = clock.at(useNow());
  const dips = material === 'carbon-steel' || (school === 'dip' && choosesHeat(material));
  return (
    <Panel
      title="Heat of the tip"
      onClose={onClose}
      footer={
        <>
          {dips && <Button label="Dip" onPress={() => clock.start('dip')} />}
          <Button
            kind="main"
            label={grinding ? 'Pause' : 'Grinding'}
            onPress={() => clock.start(grinding ? 'pause' : 'grind')}
            style={styles.grow}
          />
        </>
      }
    >
      <View style={styles.body}>
        <Words style={styles.huge} testID="tip-temperature">{`about ${Math.round(tipC / 10) * 10} °C`}</Words>
        <Bar share={tipC / limitC} />
        <Words role="strong">{sayHeatTimer(grinding, tipC, limitC, until)}</Words>
        <HeatSchool bit={bit} />
        <Words>{sayHeat(material, school)}</Words>
        <Caution level="note">
          An estimate of the mean of the tip at a hand pressure of 5 N; the thin edge is hotter. Watch the
          colour, and stop when it is too hot to hold.
        </Caution>
      </View>
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  body: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
  huge: { fontSize: SIZE.result, lineHeight: SIZE.result * 1.15, fontWeight: '600' },
});
