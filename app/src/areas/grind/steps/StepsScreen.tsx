import { WEAR_SEEN, type GrindStep } from '@pike-stone/core/grind';
import { GRINDER_FIRST, INK_FIRST, sayHeat, sayStep, sayStepCaution } from '@pike-stone/words/grind';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { Pressable, StyleSheet, useWindowDimensions, View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { backOr } from '../../../kit/back';
import { Button, IconButton } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Loading } from '../../../kit/Empty';
import { BackIcon } from '../../../kit/icons';
import { usePageTitle } from '../../../kit/page-title';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { themed, useColours, useWide } from '../../../theme/theme';
import { SIZE, SPACE } from '../../../theme/type';
import { NotHere } from '../../NotHere';
import { usePartlyGround } from '../../../workers/solid-work';
import { frontOf } from '../bit-model';
import { useBit, type Bit } from '../use-bit';
import { Finish } from './Finish';
import { HeatPanel } from './HeatPanel';
import { MeasurePanel } from './MeasurePanel';
import { usePedal } from './pedal';
import { Progress } from './Progress';
import { useSession, type Session } from './session';
import { StepFigures } from './StepFigures';
import { StepPicture } from './StepPicture';
import { useTipClock, type TipClock } from './tip-clock';
import { useWakeLock } from './wake-lock';

/** Height from which the usual mistake is told as well, px. */
const ROOMY = 900;
/** Height of the picture; on a phone the first step has more to say. */
const PICTURE_PX = { wide: 420, phone: 218, first: 168 } as const;

/** Grinding a bit: one step on the screen at a time, to be read through a face shield. */
export function StepsScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { bit, loading, error } = useBit(id);
  if (bit && bit.impossible === null) return <Steps bit={bit} />;
  return loading || error ? <Loading error={error} /> : <NotHere />;
}

function Steps({ bit }: { bit: Bit }) {
  const { faces, wear } = useLocalSearchParams<{ faces?: string; wear?: string }>();
  // A regrind touches some of the faces only.
  const wanted = faces?.split(',');
  const steps = wanted ? bit.steps.filter(({ key }) => wanted.includes(key)) : bit.steps;
  const session = useSession(bit, steps, WEAR_SEEN.find((one) => one === wear) ?? null);
  const clock = useTipClock(bit.plan, bit.body.material);
  useWakeLock();
  usePageTitle(`Grind ${bit.body.name}`);
  usePedal(session.next, session.back);
  const step = steps[session.at];
  return step ? (
    <Step step={step} steps={steps} bit={bit} session={session} clock={clock} />
  ) : (
    <Finish bit={bit} session={session} />
  );
}

function Step({
  step,
  steps,
  bit,
  session,
  clock,
}: {
  step: GrindStep;
  steps: readonly GrindStep[];
  bit: Bit;
  session: Session;
  clock: TipClock;
}) {
  const styles = useStyles();
  const colours = useColours();
  const router = useRouter();
  const units = useUnits();
  const wide = useWide();
  const roomy = useWindowDimensions().height >= ROOMY || wide;
  const cutsSoFar = bit.steps.slice(0, bit.steps.indexOf(step) + 1).filter(({ cut }) => cut !== null).length;
  const facets = usePartlyGround(frontOf(bit.plan), cutsSoFar);
  const [panel, setPanel] = useState<'measure' | 'heat' | null>(null);
  const said = sayStep(step, bit.plan, bit.body.material, units);
  const first = session.at === 0;
  const last = session.at === steps.length - 1;
  const next = last ? 'Done' : 'Next face';
  return (
    <View style={styles.page}>
      <View style={styles.head}>
        <IconButton says="Back" onPress={() => backOr(router, `/grind/${bit.record.id}`)}>
          <BackIcon color={colours.accent} size={28} />
        </IconButton>
        <View style={styles.titles}>
          <View style={styles.above}>
            <Words role="note" numberOfLines={1} style={styles.name}>
              {`${bit.body.name}, ${session.at + 1} of ${steps.length}`}
            </Words>
            <Progress at={session.at} of={steps.length} />
          </View>
          <Words role="title" style={styles.title} testID="step-title">
            {said.title}
          </Words>
        </View>
      </View>
      <View style={[styles.rest, wide && styles.across]}>
        <View style={[styles.picture, wide && styles.half]}>
          {facets && (
            <StepPicture
              step={step}
              plan={bit.plan}
              facets={facets}
              steps={bit.steps.map(({ key }) => key)}
              height={wide ? PICTURE_PX.wide : first && !roomy ? PICTURE_PX.first : PICTURE_PX.phone}
              says={said.hold}
            />
          )}
        </View>
        <Lower says={next} onNext={session.next} wide={wide}>
          <StepFigures step={step} />
          <Words style={styles.words}>{`${said.hold} ${said.wheel}.`}</Words>
          <Words style={styles.words}>{first ? `${INK_FIRST} ${said.stop}` : said.stop}</Words>
          {step.wheel !== 'stone' && (
            <Words style={styles.words}>{sayHeat(bit.body.material, bit.body.heat)}</Words>
          )}
          <Caution level="caution">{sayStepCaution(step, bit.body.material)}</Caution>
          {roomy && said.mistake && (
            <Words role="quiet" style={styles.words}>
              {said.mistake}
            </Words>
          )}
          {first && <Caution level="note">{GRINDER_FIRST}</Caution>}
        </Lower>
      </View>
      <View style={styles.foot}>
        <Button label="Heat" disabled={step.wheel === 'stone'} onPress={() => setPanel('heat')} />
        <Button label="Measured" disabled={step.readings.length === 0} onPress={() => setPanel('measure')} />
        <Button kind="main" label={next} onPress={session.next} style={styles.next} />
      </View>
      {panel === 'measure' && (
        <MeasurePanel step={step} bit={bit} session={session} onClose={() => setPanel(null)} />
      )}
      {panel === 'heat' && <HeatPanel bit={bit} clock={clock} onClose={() => setPanel(null)} />}
    </View>
  );
}

/** The lower half: touched anywhere it goes on. The button under it is for those who look for one. */
function Lower({
  says,
  onNext,
  wide,
  children,
}: {
  says: string;
  onNext: () => void;
  wide: boolean;
  children: ReactNode;
}) {
  const styles = useStyles();
  return (
    <View style={[styles.lower, wide && styles.half]}>
      <View style={styles.untouched}>{children}</View>
      <Pressable
        aria-hidden
        tabIndex={-1}
        testID={`lower-half ${says}`}
        onPress={onNext}
        style={StyleSheet.absoluteFill}
      />
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({
    page: { flex: 1, minHeight: 0, backgroundColor: c.ground },
    head: {
      flexDirection: 'row',
      alignItems: 'center',
      gap: SPACE.close,
      paddingHorizontal: SPACE.edge,
      paddingVertical: SPACE.close,
    },
    titles: { flex: 1, minWidth: 0 },
    title: { fontSize: 26, lineHeight: 32 },
    above: { flexDirection: 'row', alignItems: 'center', gap: SPACE.close },
    name: { flex: 1 },
    rest: { flex: 1, minHeight: 0 },
    across: { flexDirection: 'row' },
    half: { flex: 1 },
    picture: { backgroundColor: c.sheet, borderTopWidth: 1, borderBottomWidth: 1, borderColor: c.line },
    lower: { flex: 1, minHeight: 0, overflow: 'hidden' },
    untouched: { pointerEvents: 'none' },
    words: { fontSize: SIZE.lead, lineHeight: 26, paddingHorizontal: SPACE.edge, paddingVertical: 6 },
    foot: {
      flexDirection: 'row',
      gap: SPACE.close,
      padding: SPACE.edge,
      paddingTop: SPACE.close,
      borderTopWidth: 1,
      borderTopColor: c.line,
    },
    next: { flex: 1, minHeight: 64 },
  }),
);
