import { acceptAngle, judgeHeights, type HeightUse } from '@pike-stone/core/wheel';
import { sayHeights, sayRelief } from '@pike-stone/words/wheel';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { save } from '../../../data/records';
import { Button } from '../../../kit/Button';
import { Choice } from '../../../kit/Choice';
import { Screen, Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { lengthText } from '../../figures/read-figure';
import { useFigures } from '../../figures/useFigures';
import { useMillDrafts } from './draft';
import type { MillSession } from './session';
import { ToothBars } from './ToothBars';
import type { EndMill } from './use-end-mill';

/** What a protractor leaves unsaid, degrees: typical. */
const PROTRACTOR_DEG = 0.5;
const MINUTE_MS = 60_000;
/** Longest that one sharpening may have taken: a session left open over night counts as its plan. */
const LONGEST_MIN = 240;
const hundredths = (mm: number): number => Math.round(mm * 100) / 100;

/** After the last pass: the heights of the teeth, which to touch again, and what is left of the cutter. */
export function HeightsScreen({ mill, session }: { mill: EndMill; session: MillSession }) {
  const router = useRouter();
  const units = useUnits();
  const { draft, plan, tool } = mill;
  const [use, setUse] = useState<HeightUse>('finishing');
  const heights = useFigures(
    [
      {
        key: 'heights',
        label: `Heights of the ${draft.teeth} teeth in turn (${units === 'mm' ? 'mm' : 'in'})`,
        kind: 'numbers',
        low: -10,
        high: 10,
        optional: true,
        about: 'Indicator on each, cutter turned backwards: 0 0.004 0.021 0.002. Empty: not measured.',
      },
      {
        key: 'feed',
        label: 'Feed of a tooth in its cut',
        kind: 'size',
        low: 0.001,
        high: 2,
        optional: true,
        about: 'A tooth that stands out by more does the work of all.',
      },
      {
        key: 'relief',
        label: 'Relief as a protractor reads it, degrees',
        kind: 'number',
        low: -20,
        high: 60,
        optional: true,
        about: 'On the hollow land it reads from edge to heel, which is less than at the edge.',
      },
    ],
    { keptAs: `heights/${mill.key}`, atOnce: true },
  );
  const left = useFigures(
    [
      {
        key: 'flute',
        label: 'Length of the flutes left',
        kind: 'size',
        low: 0.5,
        high: 500,
        start: lengthText(hundredths(draft.fluteMm - (plan?.rounds.stockMm ?? 0)), units),
      },
      {
        key: 'diameter',
        label: 'Diameter as it measures',
        kind: 'size',
        low: 0.5,
        high: 200,
        start: lengthText(draft.diameterMm, units),
        about: 'What the cut reckons with; mark it on the shank.',
      },
    ],
    { keptAs: `mill-left/${mill.key}` },
  );
  const typed = heights.peek('heights') ?? [];
  const inMm = typed.map((one) => (units === 'mm' ? one : one * 25.4));
  const count = inMm.length;
  const verdict =
    count === draft.teeth && count > 1 ? judgeHeights(inMm, use, heights.peek('feed')?.[0] ?? null) : null;
  const said = verdict && sayHeights(verdict, units);
  const measured = heights.peek('relief')?.[0];
  const relief =
    measured === undefined || !plan
      ? null
      : sayRelief(acceptAngle('end-tooth-relief', plan.land.chordDeg, measured, PROTRACTOR_DEG), measured);
  const log = () => {
    const read = left.take();
    if (!read || heights.take() === null) return;
    const spent = (Date.now() - Date.parse(session.body.startedAt)) / MINUTE_MS;
    const [fluteMm, diameterMm] = [read.flute[0]!, read.diameter[0]!];
    session.finish({
      heightsMm: [...inMm],
      stockMm: Math.max(0, Math.min(100, draft.fluteMm - fluteMm)),
      lengthAfterMm: fluteMm,
      diameterAfterMm: diameterMm,
      minutes: Math.round(spent <= LONGEST_MIN ? spent : (plan?.minutes ?? 0)),
    });
    if (tool)
      void save('tools', tool.id, tool.version, {
        ...tool.body,
        dull: false,
        fluteLengthMm: fluteMm,
        diameterMm,
      });
    heights.forget();
    left.forget();
    useMillDrafts.getState().drop(mill.key);
    router.replace(tool ? `/drawer/tools/${tool.id}` : '/grind/sharpen');
  };
  return (
    <Screen
      title="Measure the teeth"
      about={draft.name}
      onBack={session.back}
      footer={<Button kind="main" label="Log it" onPress={log} style={styles.grow} />}
    >
      <Sheet>
        <View style={styles.pad}>
          {heights.boxes}
          <Choice
            says="Used for"
            value={use}
            onChange={setUse}
            options={[
              { value: 'finishing', label: 'Finishing' },
              { value: 'roughing', label: 'Roughing' },
            ]}
          />
          {count > 0 && count !== draft.teeth && (
            <Words role="note">{`${count} of ${draft.teeth} teeth so far.`}</Words>
          )}
          {verdict && <ToothBars heightsMm={inMm} verdict={verdict} />}
          {said && (
            <View testID="heights-say">
              <Words role="big">{said.title}</Words>
              <Words>{said.text}</Words>
            </View>
          )}
          {relief && (
            <Words role="strong" testID="relief-say">
              {relief}
            </Words>
          )}
        </View>
      </Sheet>
      <View style={styles.pad}>{left.boxes}</View>
    </Screen>
  );
}

const styles = sheet({ grow: { flex: 1 }, pad: { padding: SPACE.edge, gap: SPACE.near } });
