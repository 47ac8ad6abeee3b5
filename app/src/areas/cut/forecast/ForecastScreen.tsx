import type { CutPlan, CutSetup } from '@pike-stone/core';
import { forecast, whatLimits, type Forecast } from '@pike-stone/core/forecast';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { backOr } from '../../../kit/back';
import { DangerIcon, WarningIcon } from '../../../kit/icons';
import { Screen, Sheet } from '../../../kit/Screen';
import { Unseen } from '../../../kit/Unseen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { themed, useColours } from '../../../theme/theme';
import { SPACE, TOUCH } from '../../../theme/type';
import { saySpeed } from '@pike-stone/words';
import { NoCut } from '../NoCut';
import { useCut, type Cut } from '../useCut';
import { CutPicture } from './CutPicture';
import { sayForecast, type ForecastRow } from '@pike-stone/words/forecast';
import { Sweep } from './Sweep';
import { WantedFinish } from './WantedFinish';

/** The forecast of the cut: power, spring, finish, chip, heat and life, each with its reasons and what would change it. */
export function ForecastScreen() {
  const { cut, loading, error, refused } = useCut();
  return cut ? <ForecastPage cut={cut} /> : <NoCut loading={loading} error={error} refused={refused} />;
}

function ForecastPage({ cut }: { cut: Cut }) {
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
      <CutPicture found={found} plan={cut.plan} units={units} held={heldBar(cut.setup, cut.plan, found)} />
      <Sheet>
        <View role="list" aria-label="What will happen">
          {rows.map((row, i) => (
            <Row key={row.key} row={row} isFirst={i === 0} />
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

/** Bar of the limit that holds the cut back most; null where it is none of those drawn. */
function heldBar(setup: CutSetup, plan: CutPlan, found: Forecast): 'power' | 'heat' | null {
  const upper = whatLimits(setup, plan, found)[0]?.upper;
  if (upper === 'power' || upper === 'torque') return 'power';
  return upper === 'heat' ? 'heat' : null;
}

/** One line of the forecast; its reasons open on touch, those of the first are open. */
function Row({ row, isFirst }: { row: ForecastRow; isFirst: boolean }) {
  const themedStyles = useStyles();
  const colours = useColours();
  const [isOpen, setOpen] = useState(isFirst);
  const Mark = row.level === 'danger' ? DangerIcon : row.level === 'caution' ? WarningIcon : null;
  return (
    <View role="listitem" style={[themedStyles.row, isFirst && themedStyles.first]}>
      <Pressable role="button" aria-expanded={isOpen} onPress={() => setOpen(!isOpen)} style={styles.top}>
        {Mark && (
          <View aria-hidden>
            <Mark size={21} color={row.level === 'danger' ? colours.danger : colours.cautionMark} />
          </View>
        )}
        <View style={styles.grow}>
          <Words role="label">
            {row.title}
            <Unseen>: </Unseen>
          </Words>
          <Words role={isFirst ? 'heading' : 'strong'}>
            {row.value}
            {Mark && <Unseen>{row.level === 'danger' ? ', danger' : ', caution'}</Unseen>}
            <Unseen>, </Unseen>
          </Words>
        </View>
        <Words role="note">{isOpen ? 'less' : 'why'}</Words>
      </Pressable>
      {isOpen
        && row.lines.map((line) => (
          <Words key={line} role="note">
            {line}
          </Words>
        ))}
    </View>
  );
}

const styles = sheet({
  pad: { paddingHorizontal: SPACE.edge },
  top: { flexDirection: 'row', alignItems: 'center', gap: SPACE.close, minHeight: TOUCH },
  grow: { flex: 1 },
});
const useStyles = themed((c) =>
  sheet({
    row: {
      paddingHorizontal: SPACE.edge,
      paddingVertical: SPACE.near,
      gap: 3,
      borderBottomWidth: 1,
      borderBottomColor: c.line,
    },
    first: { borderLeftWidth: 4, borderLeftColor: c.accent, backgroundColor: c.wash },
  }),
);
