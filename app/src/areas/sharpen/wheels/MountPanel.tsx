import { GAP_LIMITS, RING_TESTS, wheelFaults, type RingTest } from '@pike-stone/core/wheel';
import { MOUNTING_STEPS, WHEEL_FAULT_WORDS } from '@pike-stone/words/wheel';
import { View } from 'react-native';
import { draftsNamed } from '../../../data/drafts';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Choice, Tick } from '../../../kit/Choice';
import { Panel } from '../../../kit/Panel';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { lengthText } from '../../figures/read-figure';
import { useFigures } from '../../figures/useFigures';
import { useWheelChange } from './change-wheel';
import type { ShownWheel } from './use-wheels';

const RING_WORDS: Readonly<Record<RingTest, string>> = {
  clear: 'Rings clear',
  dull: 'Sounds dull',
  'not-done': 'Not done',
};
/** What is done of a mounting; it survives a reload. */
interface Mounting {
  readonly ring: RingTest;
  readonly done: readonly string[];
}
const NOT_BEGUN: Mounting = { ring: 'not-done', done: [] };
const useMounting = draftsNamed<Mounting>('pike-mounting');

const USUAL_GAP_MM = { rest: 2, tongue: 5 } as const;

/** Mounting a wheel: what is looked at and done before it runs, and what forbids it. */
export function MountPanel({ wheel, onClose }: { wheel: ShownWheel; onClose: () => void }) {
  const units = useUnits();
  const { record, use } = wheel;
  const { write } = useWheelChange(wheel);
  const mounting = useMounting((state) => state.drafts[record.id]) ?? NOT_BEGUN;
  const { ring, done } = mounting;
  const keep = (more: Partial<Mounting>) => useMounting.getState().keep(record.id, { ...mounting, ...more });
  const figures = useFigures(
    [
      {
        key: 'rest',
        label: 'Gap to the rest',
        kind: 'size',
        low: 0,
        high: 50,
        start: lengthText(USUAL_GAP_MM.rest, units),
      },
      {
        key: 'tongue',
        label: 'Gap to the tongue guard',
        kind: 'size',
        low: 0,
        high: 100,
        start: lengthText(USUAL_GAP_MM.tongue, units),
      },
      {
        key: 'flange',
        label: 'Diameter of the flanges',
        kind: 'size',
        low: 3,
        high: 300,
        start: lengthText(use.grinder?.flangeMm ?? use.markedMm / 3, units),
      },
    ],
    { keptAs: `mount/${record.id}`, atOnce: true },
  );
  const vitrified =
    (use.marking?.bond ?? 'V') === 'V' && use.abrasive !== 'diamond' && use.abrasive !== 'cbn';
  const [rest, tongue, flange] = (['rest', 'tongue', 'flange'] as const).map((key) => figures.peek(key)?.[0]);
  const faults =
    rest === undefined || tongue === undefined || flange === undefined || !use.grinder
      ? null
      : wheelFaults(
          {
            restGapMm: rest,
            tongueGapMm: tongue,
            flangeMm: flange,
            spindleRpm: use.grinder.rpm,
            wheelMm: use.markedMm,
            // A wheel that is not rated is as one that is too fast.
            ratedMPerS: use.ratedMPerS ?? 0.001,
            bond: vitrified ? 'V' : 'B',
            ringTest: ring,
            use: 'periphery',
            sideRated: true,
            cutOff: record.body.form === 'cut-off',
            faceProtection: true,
            breathingProtection: true,
            gloves: false,
            workMaterial: 'hss',
          },
          GAP_LIMITS[units],
        );
  const ready = faults !== null && faults.length === 0 && done.length === MOUNTING_STEPS.length;
  const log = () => {
    write(
      {
        act: 'mounted',
        diameterMm: record.body.diameterMm,
        ringTest: ring,
        restGapMm: rest!,
        tongueGapMm: tongue!,
        ranUp: true,
        note: '',
      },
      'Mounting logged.',
    );
    figures.forget();
    useMounting.getState().drop(record.id);
    onClose();
  };
  return (
    <Panel
      title="Mount it"
      onClose={onClose}
      footer={
        <Button kind="main" label="Log it as mounted" disabled={!ready} onPress={log} style={styles.grow} />
      }
    >
      <View style={styles.body}>
        {!use.grinder && <Caution level="caution">Say first which grinder it runs on.</Caution>}
        {vitrified && (
          <>
            <Words role="label">Ring test</Words>
            <Choice
              says="Ring test"
              value={ring}
              onChange={(next) => keep({ ring: next })}
              options={RING_TESTS.map((value) => ({ value, label: RING_WORDS[value] }))}
              about="Hang it on a finger, dry; tap with wood at 45° each side of the vertical."
            />
          </>
        )}
        <View testID="mount-faults">
          {faults?.map((fault) => (
            <Caution key={fault} level="danger">
              {WHEEL_FAULT_WORDS[fault]}
            </Caution>
          ))}
        </View>
        {MOUNTING_STEPS.map((step) => (
          <Tick
            key={step}
            label={step}
            value={done.includes(step)}
            onChange={(on) => keep({ done: on ? [...done, step] : done.filter((one) => one !== step) })}
          />
        ))}
        {figures.boxes}
        <Words role="note">
          A reminder, not a permission: the wheel’s and the machine’s makers, local rules and a competent
          person come first.
        </Words>
      </View>
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  body: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
});
