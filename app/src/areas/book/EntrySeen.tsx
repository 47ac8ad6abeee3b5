import { cutChoice } from '@pike-stone/contract';
import { isSign, runState } from '@pike-stone/core/learn';
import { formatLength, formatRa, joined, type UnitSystem } from '@pike-stone/words';
import { SIGN_SHORT } from '@pike-stone/words/learn';
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../data/preferences';
import type { Shown } from '../../data/records';
import { Button } from '../../kit/Button';
import { Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { KeepButton } from '../learn/proven/KeepButton';
import { trialOf } from '../learn/run/trials';
import { AdvicePanel } from '../learn/seen/AdvicePanel';
import { SignArt } from '../learn/seen/SignArt';
import { CutPhoto } from '../learn/taken/CutPhoto';
import { useCutOf, type CutOf } from '../learn/useCutOf';

/** What was seen and measured at a past cut, the next change from it, and what can be made of it. */
export function EntrySeen({ record }: { record: Shown<'cuts'> }) {
  const { body } = record;
  const choice = useMemo(() => cutChoice.parse(body), [body]);
  const cut = useCutOf(choice);
  const units = useUnits();
  const signs = (body.signs ?? []).filter(isSign);
  const measured = sayMeasuredParts(body.measured ?? {}, units);
  return (
    <>
      {(signs.length > 0 || measured.length > 0 || body.photo) && (
        <Sheet>
          <View style={styles.group}>
            <Words role="label">What was seen</Words>
            <View style={styles.signs}>
              {signs.map((key) => (
                <View key={key} style={styles.sign}>
                  <SignArt sign={key} size={48} />
                  <Words role="note">{SIGN_SHORT[key]}</Words>
                </View>
              ))}
            </View>
            {measured.map((one) => (
              <Words key={one}>{one}</Words>
            ))}
            <CutPhoto id={record.id} isThere={body.photo ?? false} />
          </View>
        </Sheet>
      )}
      {cut && signs.length > 0 && !body.runId && <Advice record={record} cut={cut} units={units} />}
      {cut && <Actions record={record} cut={cut} />}
    </>
  );
}

function Advice({ record, cut, units }: { record: Shown<'cuts'>; cut: CutOf; units: UnitSystem }) {
  const trial = trialOf(record.body);
  const state = runState(cut.setup, cut.plan, cut.rules, null, null, [trial]);
  return <AdvicePanel state={state} signs={trial.signs} setup={cut.setup} units={units} />;
}

function Actions({ record, cut }: { record: Shown<'cuts'>; cut: CutOf }) {
  const router = useRouter();
  const { runId, outcome } = record.body;
  if (!runId && outcome !== 'worked') return null;
  return (
    <View style={styles.row}>
      {outcome === 'worked' && <KeepButton record={record} cut={cut} />}
      {runId && (
        <Button label="Its run" onPress={() => router.push(`/book/runs/${runId}`)} style={styles.grow} />
      )}
    </View>
  );
}

function sayMeasuredParts(
  { sizeMm, raUm, netPowerW, wearMm }: NonNullable<Shown<'cuts'>['body']['measured']>,
  units: UnitSystem,
): string[] {
  const length = (mm: number) => joined(formatLength(mm, units));
  return [
    sizeMm !== undefined && `Measured ${length(sizeMm)}`,
    raUm !== undefined && `Ra ${formatRa(raUm, units)}`,
    netPowerW !== undefined && `${Math.round(netPowerW)} W at the cut`,
    wearMm !== undefined && `Wear land ${length(wearMm)}`,
  ].filter((one): one is string => one !== false);
}

const styles = sheet({
  group: { padding: SPACE.edge, gap: SPACE.close },
  signs: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.near },
  sign: { alignItems: 'center', width: 84 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.close, paddingHorizontal: SPACE.edge },
  grow: { flexGrow: 1 },
});
