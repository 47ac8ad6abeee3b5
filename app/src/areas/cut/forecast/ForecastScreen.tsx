import { forecast } from '@pike-stone/core/forecast';
import { POWER_RESERVE } from '@pike-stone/core';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { backOr } from '../../../kit/back';
import { DangerIcon, WarningIcon } from '../../../kit/icons';
import { Screen, Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { themed, useColours } from '../../../theme/theme';
import { SPACE } from '../../../theme/type';
import { saySpeed } from '@pike-stone/words';
import { NoCut } from '../NoCut';
import { useCut, type Cut } from '../useCut';
import { ChipArt } from './ChipArt';
import { sayForecast, type ForecastRow } from '@pike-stone/words/forecast';
import { Sweep } from './Sweep';
import { WantedFinish } from './WantedFinish';

/** The forecast of the cut: power, spring, finish, chip, heat and life, each with its reasons and what would change it. */
export function ForecastScreen() {
  const { cut, loading, error, why } = useCut();
  return cut ? <Forecast cut={cut} /> : <NoCut loading={loading} error={error} why={why} />;
}

function Forecast({ cut }: { cut: Cut }) {
  const router = useRouter();
  const units = useUnits();
  const found = forecast(cut.setup, cut.plan);
  const rows = sayForecast(found, cut.setup, cut.plan, units);
  const speed = saySpeed(cut.plan, cut.setup);
  return (
    <Screen
      title="What will happen"
      about={`${cut.setup.stock.name}, ${speed.shown.figure} ${speed.shown.unit}`}
      onBack={() => backOr(router, '/cut')}
      side={
        <>
          <WantedFinish cut={cut} units={units} />
          <Sweep cut={cut} units={units} />
        </>
      }
    >
      <Sheet>
        <View role="list" aria-label="What will happen">
          {rows.map((row) => (
            <Row
              key={row.key}
              row={row}
              share={row.key === 'power' ? (found.power?.share ?? null) : null}
              art={row.key === 'chip' && found.chip ? <ChipArt chip={found.chip.chip} /> : null}
            />
          ))}
        </View>
      </Sheet>
      <View style={styles.pad}>
        <Words role="note">
          Told from typical values of the metal and of the edge as it is usually ground; what was seen at the
          last cut is worth more.
        </Words>
      </View>
    </Screen>
  );
}

function Row({ row, share, art }: { row: ForecastRow; share: number | null; art: React.ReactNode }) {
  const themedStyles = useStyles();
  const colours = useColours();
  const Mark = row.level === 'danger' ? DangerIcon : row.level === 'caution' ? WarningIcon : null;
  return (
    <View role="listitem" style={themedStyles.row}>
      <View style={styles.top}>
        {Mark && (
          <View role="img" aria-label={row.level === 'danger' ? 'Danger' : 'Caution'}>
            <Mark size={21} color={row.level === 'danger' ? colours.danger : colours.cautionMark} />
          </View>
        )}
        <Words role="label" style={styles.grow}>
          {row.title}
        </Words>
      </View>
      <View style={styles.top}>
        {art}
        <Words role="heading" style={styles.grow}>
          {row.value}
        </Words>
      </View>
      {share !== null && <Gauge share={share} />}
      {row.lines.map((line) => (
        <Words key={line} role="note">
          {line}
        </Words>
      ))}
    </View>
  );
}

/** Bar of the share of the machine's power in use, with a mark where the reserve begins. */
function Gauge({ share }: { share: number }) {
  const themedStyles = useStyles();
  const colours = useColours();
  const fill = share > 1 ? colours.danger : share > POWER_RESERVE ? colours.cautionMark : colours.accent;
  return (
    <View
      style={themedStyles.gauge}
      role="img"
      aria-label={`${Math.round(share * 100)} percent of what the machine has`}
    >
      <View style={[styles.fill, { width: `${Math.min(100, share * 100)}%`, backgroundColor: fill }]} />
      <View style={[themedStyles.mark, { left: `${POWER_RESERVE * 100}%` }]} />
    </View>
  );
}

const styles = StyleSheet.create({
  pad: { paddingHorizontal: SPACE.edge },
  top: { flexDirection: 'row', alignItems: 'center', gap: SPACE.close },
  grow: { flex: 1 },
  fill: { height: '100%' },
});
const useStyles = themed((c) =>
  StyleSheet.create({
    row: {
      paddingHorizontal: SPACE.edge,
      paddingVertical: SPACE.near,
      gap: 3,
      borderBottomWidth: 1,
      borderBottomColor: c.line,
    },
    gauge: {
      height: 12,
      marginVertical: 4,
      borderWidth: 1,
      borderColor: c.strongLine,
      backgroundColor: c.ground,
    },
    mark: { position: 'absolute', top: -3, bottom: -3, width: 2, backgroundColor: c.ink },
  }),
);
