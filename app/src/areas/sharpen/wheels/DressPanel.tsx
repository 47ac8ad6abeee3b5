import {
  DRESS_WAYS,
  dressFor,
  dressLead,
  truesToo,
  usualDress,
  WHEEL_SIGNS,
  type DressWay,
  type WheelSign,
} from '@pike-stone/core/wheel';
import { unlessRefused } from '@pike-stone/core';
import { formatLength, joined } from '@pike-stone/words';
import { DRESS_SCHOOLS, DRESS_WORDS, SIGN_WORDS } from '@pike-stone/words/wheel';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Choice } from '../../../kit/Choice';
import { Panel } from '../../../kit/Panel';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { lengthText } from '../../figures/read-figure';
import { useFigures } from '../../figures/useFigures';
import { useWheelChange } from './change-wheel';
import type { ShownWheel } from './use-wheels';

type Why = WheelSign | 'routine' | 'new';
/** Tip of a usual dressing diamond, and a pass with it, mm. */
const TIP_MM = 0.3;
const PASS_MM = 0.02;
/** A usual dressing takes so much off the radius, mm. */
const USUAL_MM = 0.06;
const hundredths = (mm: number): number => Math.round(mm * 100) / 100;

/** A dress of a wheel, logged: how, why, and how large the wheel is after it. */
export function DressPanel({
  wheel,
  sign,
  onClose,
}: {
  wheel: ShownWheel;
  /** What was seen at the wheel just now. */
  sign: WheelSign | null;
  onClose: () => void;
}) {
  const units = useUnits();
  const { record, use } = wheel;
  const { write } = useWheelChange(wheel);
  const finishes = use.due?.finishes ?? true;
  const [why, setWhy] = useState<Why>(sign ?? 'routine');
  const [chosen, setChosen] = useState<DressWay | null>(null);
  const how = chosen ?? (why === 'routine' || why === 'new' ? usualDress(finishes) : dressFor(why, finishes));
  const figures = useFigures(
    [
      {
        key: 'now',
        label: 'Diameter after it',
        kind: 'size',
        low: 10,
        high: 600,
        start: lengthText(hundredths(record.body.diameterMm - 2 * USUAL_MM), units),
        about: 'Measured: the rest and the height of the work follow from it.',
      },
      {
        key: 'traverse',
        label: 'Seconds across the wheel',
        kind: 'number',
        low: 0.5,
        high: 120,
        optional: true,
        about: 'one pass of the diamond; says how open the face becomes',
      },
    ],
    { keptAs: `dress/${record.id}` },
  );
  const after = figures.peek('now')?.[0] ?? null;
  const seconds = figures.peek('traverse')?.[0] ?? null;
  const log = () => {
    const read = figures.take();
    if (!read) return;
    const diameterMm = read.now[0]!;
    write(
      {
        act: 'dressed',
        diameterMm,
        how,
        why,
        depthMm: Math.max(0, Math.min(5, (record.body.diameterMm - diameterMm) / 2)),
        note: '',
      },
      'Dress logged.',
    );
    figures.forget();
    onClose();
  };
  return (
    <Panel
      title="Dress it"
      onClose={onClose}
      footer={<Button kind="main" label="Log the dress" onPress={log} style={styles.grow} />}
    >
      <View style={styles.body}>
        <Caution level="caution">
          Shield and respirator: dust of the wheel is in the air. Stand aside until it has run up.
        </Caution>
        <Words role="label">Why</Words>
        <Choice
          says="Why it is dressed"
          value={why}
          onChange={setWhy}
          options={[
            { value: 'routine', label: 'It was due' },
            { value: 'new', label: 'New wheel' },
            ...WHEEL_SIGNS.map((value) => ({ value, label: SIGN_WORDS[value].name })),
          ]}
        />
        <Words role="label">How</Words>
        <Choice
          says="How it is dressed"
          value={how}
          onChange={setChosen}
          options={DRESS_WAYS.map((value) => ({ value, label: DRESS_WORDS[value].name }))}
          about={DRESS_WORDS[how].about}
        />
        {!truesToo(how) && (why === 'out-of-true' || why === 'grooved') && (
          <Caution level="caution">This way follows the lumps: the diamond makes it round.</Caution>
        )}
        <Words role="note">{DRESS_SCHOOLS}</Words>
        {figures.boxes}
        {seconds !== null && use.grinder && after !== null && truesToo(how) && (
          <Lead seconds={seconds} rpm={use.grinder.rpm} widthMm={use.widthMm} />
        )}
      </View>
    </Panel>
  );
}

/** What a pass of the diamond leaves: its lead and the ridge. */
function Lead({ seconds, rpm, widthMm }: { seconds: number; rpm: number; widthMm: number }) {
  const units = useUnits();
  const pass = unlessRefused(
    () =>
      dressLead({
        traverseMmMin: (60 * widthMm) / seconds,
        wheelRpm: rpm,
        tipMm: TIP_MM,
        depthMm: PASS_MM,
        widthMm,
      }),
    null,
  );
  if (!pass) return null;
  const lead = joined(formatLength(pass.leadMm, units));
  return (
    <Words role="note" testID="dress-lead">
      {pass.covers
        ? `${lead} a turn: ${pass.leadMm <= 0.15 ? 'fine, for finishing' : 'open, for roughing'}; it leaves ridges of ${pass.ridgeUm.toFixed(1)} µm.`
        : `${lead} a turn is wider than the diamond cuts: strips stay undressed. Go slower, or take more passes.`}
    </Words>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  body: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
});
