import { formatLength, joined } from '@pike-stone/words';
import { sayEndMillSteps } from '@pike-stone/words/wheel';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import Svg from 'react-native-svg';
import { useUnits } from '../../../data/preferences';
import { backOr } from '../../../kit/back';
import { Bar } from '../../../kit/Bar';
import { Caution } from '../../../kit/Caution';
import { usePageTitle } from '../../../kit/page-title';
import { useWidth } from '../../../kit/useWidth';
import { sheet } from '../../../theme/sheet';
import { useColours, useWide } from '../../../theme/theme';
import { usePedal } from '../../grind/steps/pedal';
import { StepFrame, StepWords } from '../../grind/steps/StepFrame';
import { BigFigures } from '../../grind/steps/StepFigures';
import { useWakeLock } from '../../grind/steps/wake-lock';
import { LoadingOrNotHere } from '../../LoadingOrNotHere';
import { drawEnd } from './draw-end';
import { HeightsScreen } from './HeightsScreen';
import { useMillSession } from './session';
import { useEndMill, type EndMill } from './use-end-mill';

const PICTURE_PX = { wide: 420, phone: 236 } as const;

/** Sharpening end teeth: one step on the screen at a time. */
export function EndStepsScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { mill, loading, error } = useEndMill(id);
  if (mill?.plan) return <Steps mill={mill} />;
  return <LoadingOrNotHere loading={loading} error={error} />;
}

function Steps({ mill }: { mill: EndMill }) {
  const units = useUnits();
  const router = useRouter();
  const steps = sayEndMillSteps(mill.plan!, mill.job, units);
  const session = useMillSession(
    mill,
    steps.map(({ key }) => key),
  );
  const step = steps[session.at];
  useWakeLock();
  usePageTitle(`Sharpen ${mill.draft.name}`);
  usePedal(session.next, session.back);
  if (!step) return <HeightsScreen mill={mill} session={session} />;
  const next = session.at === steps.length - 1 ? 'Done' : 'Next';
  return (
    <StepFrame
      about={`${joined(formatLength(mill.draft.diameterMm, units))}, ${session.at + 1} of ${steps.length}`}
      progress={
        <View style={styles.progress} role="img" aria-label={`Step ${session.at + 1} of ${steps.length}`}>
          <Bar share={session.at / steps.length} />
        </View>
      }
      title={step.title}
      onBack={() => (session.at > 0 ? session.back() : backOr(router, `/grind/sharpen/${mill.key}`))}
      picture={<Picture mill={mill} />}
      next={next}
      onNext={session.next}
    >
      <BigFigures
        shown={step.figures.map(({ label, figure, unit, about }) => ({
          label,
          figure,
          about: [unit, about].filter(Boolean).join(', '),
        }))}
      />
      <StepWords>{step.do}</StepWords>
      <StepWords>{step.look}</StepWords>
      {step.caution && <Caution level="caution">{step.caution}</Caution>}
      {session.at === 0 && (
        <Caution level="note">
          The machine’s and the grinder’s manuals, local rules and a competent person come first.
        </Caution>
      )}
    </StepFrame>
  );
}

/** The cutter at the wheel, as it is planned. */
function Picture({ mill }: { mill: EndMill }) {
  const units = useUnits();
  const pen = useColours();
  const wide = useWide();
  const height = wide ? PICTURE_PX.wide : PICTURE_PX.phone;
  const { width, onLayout } = useWidth();
  const drawing = width > 0 ? drawEnd(mill.job, mill.plan!, { pen, units, width, height }) : null;
  return (
    <View style={{ height }} onLayout={onLayout}>
      {drawing && (
        <View role="img" aria-label={drawing.says}>
          <Svg width={width} height={height}>
            {drawing.art}
          </Svg>
        </View>
      )}
    </View>
  );
}

const styles = sheet({ progress: { width: 120 } });
