import { makeSteps, stopsForm, type MakeStep } from '@pike-stone/core/form';
import { sayMakeStep } from '@pike-stone/words/form';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { backOr } from '../../../kit/back';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Tick } from '../../../kit/Choice';
import { Empty } from '../../../kit/Empty';
import { Row } from '../../../kit/Row';
import { Screen, Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { BigFigures } from '../../grind/steps/StepFigures';
import { LoadingOrNotHere } from '../../LoadingOrNotHere';
import { MakingPanel } from '../panels/MakingPanel';
import { useForm, type Form } from '../use-form';
import { FlankStack, GashIndex } from './OnTheBench';
import { ScratchTest } from './ScratchTest';
import { SlideTable } from './SlideTable';

/** The steps of making a form cutter, each with what is set in it. */
export function MakeScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { form, loading, error } = useForm(id);
  if (form) return <Steps form={form} />;
  return <LoadingOrNotHere loading={loading} error={error} />;
}

/** Name of a step that stays when others come or go before it. */
const keysOf = (steps: readonly MakeStep[]): readonly string[] =>
  steps.map((step, i) => `${step.key} ${steps.slice(0, i).filter(({ key }) => key === step.key).length + 1}`);

function Steps({ form }: { form: Form }) {
  const router = useRouter();
  const [choosing, setChoosing] = useState(false);
  const { body, shape, corrected, findings, record } = form;
  const back = () => backOr(router, `/grind/forms/${record.id}`);
  if (!shape || !corrected || findings.some(stopsForm))
    return (
      <Screen title="Make it" onBack={back}>
        <Empty title="This form cannot be made yet">Its page says what stands in the way.</Empty>
      </Screen>
    );
  const steps = makeSteps(shape, corrected, body.tool, body.way, body.steel);
  const keys = keysOf(steps);
  const left = keys.filter((key) => !body.done.includes(key));
  // From hardening on the steps stand in the second column.
  const soft = steps.findIndex(({ key }) => key === 'harden');
  return (
    <Screen
      title="Make it"
      about={`${body.name}: ${left.length === 0 ? 'all steps done' : `${left.length} of ${keys.length} steps to go`}`}
      onBack={back}
      side={
        <>
          <Sheet>
            <Row
              title="Steel, and how it is shaped"
              about="slides, stones or swing"
              onPress={() => setChoosing(true)}
            />
            {body.done.length > 0 && (
              <Row
                title="Begin again"
                about="another cutter of this form"
                onPress={() => form.change({ done: [] }, 'All steps open again.')}
              />
            )}
          </Sheet>
          {steps.map(
            (step, i) =>
              i >= soft && <Step key={keys[i]} form={form} step={step} name={keys[i]!} number={i + 1} />,
          )}
        </>
      }
      footer={
        left.length === 0 ? (
          <Button
            kind="main"
            label="Prove it"
            onPress={() => router.push(`/grind/forms/${record.id}/prove`)}
            style={styles.grow}
          />
        ) : undefined
      }
    >
      {steps.map(
        (step, i) =>
          i < soft && (
            <View key={keys[i]} style={styles.gap}>
              <Step form={form} step={step} name={keys[i]!} number={i + 1} />
              {step.key === 'slides' && <SlideTable profile={corrected.toShape} name={body.name} />}
            </View>
          ),
      )}
      {choosing && <MakingPanel form={form} onClose={() => setChoosing(false)} />}
    </Screen>
  );
}

function Step({ form, step, name, number }: { form: Form; step: MakeStep; name: string; number: number }) {
  const units = useUnits();
  const { title, figures, lines, caution } = sayMakeStep(step, units);
  const { done } = form.body;
  const isDone = done.includes(name);
  return (
    <Sheet>
      <View testID={`make-${name}`}>
        <View style={styles.box}>
          <Tick
            label={`${number}. ${title}`}
            value={isDone}
            onChange={(now) =>
              form.change({ done: now ? [...done, name] : done.filter((one) => one !== name) })
            }
          />
        </View>
        {!isDone && (
          <>
            <BigFigures shown={figures} />
            <View style={styles.box}>
              {lines.map((line) => (
                <Words key={line}>{line}</Words>
              ))}
              {step.key === 'test' && <ScratchTest leastHrc={step.leastHrc} />}
              {step.key === 'flank' && <FlankStack leanDeg={step.flank.leanDeg} />}
              {step.key === 'gash' && <GashIndex teeth={step.teeth} />}
            </View>
            {caution && <Caution level="caution">{caution}</Caution>}
          </>
        )}
      </View>
    </Sheet>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  gap: { gap: SPACE.near },
  box: { paddingHorizontal: SPACE.edge, paddingVertical: SPACE.close, gap: SPACE.close },
});
