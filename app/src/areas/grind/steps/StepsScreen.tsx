import { WEAR_SEEN, type GrindStep } from '@pike-stone/core/grind';
import { GRINDER_FIRST, INK_FIRST, sayHeat, sayStep, sayStepCaution } from '@pike-stone/words/grind';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { useWindowDimensions } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { backOr } from '../../../kit/back';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { usePageTitle } from '../../../kit/page-title';
import { useWide } from '../../../theme/theme';
import { LoadingOrNotHere } from '../../LoadingOrNotHere';
import { usePartlyGround } from '../../../workers/solid-work';
import { frontOf } from '../bit-model';
import { useBit, type Bit } from '../use-bit';
import { Finish } from './Finish';
import { HeatPanel } from './HeatPanel';
import { MeasurePanel } from './MeasurePanel';
import { usePedal } from './pedal';
import { Progress } from './Progress';
import { useSession, type Session } from './session';
import { StepFrame, StepWords } from './StepFrame';
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
  return <LoadingOrNotHere loading={loading} error={error} />;
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
    <>
      <StepFrame
        about={`${bit.body.name}, ${session.at + 1} of ${steps.length}`}
        progress={<Progress at={session.at} of={steps.length} />}
        title={said.title}
        onBack={() => backOr(router, `/grind/${bit.record.id}`)}
        next={next}
        onNext={session.next}
        picture={
          facets && (
            <StepPicture
              step={step}
              plan={bit.plan}
              facets={facets}
              steps={bit.steps.map(({ key }) => key)}
              height={wide ? PICTURE_PX.wide : first && !roomy ? PICTURE_PX.first : PICTURE_PX.phone}
              says={said.hold}
            />
          )
        }
        others={
          <>
            <Button label="Heat" disabled={step.wheel === 'stone'} onPress={() => setPanel('heat')} />
            <Button
              label="Measured"
              disabled={step.readings.length === 0}
              onPress={() => setPanel('measure')}
            />
          </>
        }
      >
        <StepFigures step={step} />
        <StepWords>{`${said.hold} ${said.wheel}.`}</StepWords>
        <StepWords>{first ? `${INK_FIRST} ${said.stop}` : said.stop}</StepWords>
        {step.wheel !== 'stone' && <StepWords>{sayHeat(bit.body.material, bit.body.heat)}</StepWords>}
        <Caution level="caution">{sayStepCaution(step, bit.body.material)}</Caution>
        {roomy && said.mistake && <StepWords quiet>{said.mistake}</StepWords>}
        {first && <Caution level="note">{GRINDER_FIRST}</Caution>}
      </StepFrame>
      {panel === 'measure' && (
        <MeasurePanel step={step} bit={bit} session={session} onClose={() => setPanel(null)} />
      )}
      {panel === 'heat' && <HeatPanel bit={bit} clock={clock} onClose={() => setPanel(null)} />}
    </>
  );
}
