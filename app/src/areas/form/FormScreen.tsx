import { stopsForm } from '@pike-stone/core/form';
import { sayOutOfRange } from '@pike-stone/words';
import { sayFormFinding, sayFormSizes, WAY_WORDS } from '@pike-stone/words/form';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { backOr } from '../../kit/back';
import { Button } from '../../kit/Button';
import { Caution } from '../../kit/Caution';
import { Row } from '../../kit/Row';
import { Screen, Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { LoadingOrNotHere } from '../LoadingOrNotHere';
import { CorrectionSheet } from './CorrectionSheet';
import { FitSheet } from './FitSheet';
import { FormSentence, type FormWord } from './FormSentence';
import { MakingPanel } from './panels/MakingPanel';
import { NamePanel } from './panels/NamePanel';
import { SourcePanel } from './panels/SourcePanel';
import { ToolPanel } from './panels/ToolPanel';
import { PatternSheet } from './PatternSheet';
import { FormSketch } from './sketch/FormSketch';
import { SpaceSheet } from './SpaceSheet';
import { useForm, type Form } from './use-form';
import { useKeepCutter } from './use-keep-cutter';

/** A form cutter: its form, what its tool makes of it, what is wrong before it is made. */
export function FormScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { form, loading, error } = useForm(id);
  if (form) return <Plan form={form} />;
  return <LoadingOrNotHere loading={loading} error={error} />;
}

function Plan({ form }: { form: Form }) {
  const router = useRouter();
  const [panel, setPanel] = useState<FormWord | 'name' | null>(null);
  const { body, shape, corrected, findings, impossible } = form;
  const stopped = impossible !== null || findings.some(stopsForm);
  const close = () => setPanel(null);
  return (
    <Screen
      title={body.name}
      onBack={() => backOr(router, '/grind/forms')}
      side={
        shape && (
          <>
            {body.source.kind === 'points' && (
              <FitSheet shape={shape} toleranceMm={body.source.toleranceMm} />
            )}
            {corrected && <CorrectionSheet form={form} shape={shape} corrected={corrected} />}
            {corrected && !stopped && <SpaceSheet shape={shape} tool={body.tool} />}
            {shape.gear && <PatternSheet gear={shape.gear} />}
            <Onward form={form} stopped={stopped} />
            <Sheet>
              <Row title="Name and note" about={body.note || 'none'} onPress={() => setPanel('name')} />
            </Sheet>
          </>
        )
      }
      footer={<KeepIt form={form} stopped={stopped} />}
    >
      <FormSentence form={form} onTouch={setPanel} />
      <FormSketch form={form} onTouch={() => setPanel('source')} />
      <Says form={form} />
      {shape && <Sizes form={form} />}
      {panel === 'source' && <SourcePanel form={form} onClose={close} />}
      {panel === 'tool' && <ToolPanel form={form} onClose={close} />}
      {panel === 'steel' && <MakingPanel form={form} onClose={close} />}
      {panel === 'name' && <NamePanel form={form} onClose={close} />}
    </Screen>
  );
}

/** What is wrong with it, or must be known, with what mends it. */
function Says({ form: { impossible, findings } }: { form: Form }) {
  const units = useUnits();
  return (
    <View testID="findings">
      {impossible && <Caution level="danger">{sayOutOfRange(impossible)}</Caution>}
      {findings.map((finding) => {
        const { level, text } = sayFormFinding(finding, units);
        return (
          <Caution key={finding.code} level={level}>
            {text}
          </Caution>
        );
      })}
    </View>
  );
}

/** Sizes that are looked up at the machine. */
function Sizes({ form: { shape, body } }: { form: Form }) {
  const units = useUnits();
  if (!shape) return null;
  return (
    <Sheet>
      {sayFormSizes(shape, body.source, units).map(([label, text]) => (
        <View key={label} style={styles.line}>
          <Words role="quiet" style={styles.grow}>
            {label}
          </Words>
          <Words role="strong">{text}</Words>
        </View>
      ))}
    </Sheet>
  );
}

/** What is done with the form next. */
function Onward({ form, stopped }: { form: Form; stopped: boolean }) {
  const router = useRouter();
  const { id } = form.record;
  if (stopped) return null;
  return (
    <Sheet>
      <Row
        title="Make it"
        about={`${WAY_WORDS[form.body.way].name.toLowerCase()}, hardening, test`}
        onPress={() => router.push(`/grind/forms/${id}/make`)}
      />
      <Row
        title="Prove it"
        about="template, measured points, the first part"
        onPress={() => router.push(`/grind/forms/${id}/prove`)}
      />
      {form.shape?.blank && (
        <Row
          title="Cut the gear"
          about="blank, passes, tooth by tooth"
          onPress={() => router.push(`/grind/forms/${id}/cut`)}
        />
      )}
    </Sheet>
  );
}

/** Keeps the cutter as a tool of the drawer, so that a cut can be planned with it. */
function KeepIt({ form, stopped }: { form: Form; stopped: boolean }) {
  const router = useRouter();
  const { toolId, keep } = useKeepCutter(form);
  return (
    <>
      {toolId !== null && (
        <Button label="In the drawer" onPress={() => router.push(`/drawer/tools/${toolId}`)} />
      )}
      <Button
        kind="main"
        label={toolId === null ? 'Keep it in the drawer' : 'Bring the drawer up to date'}
        disabled={stopped}
        onPress={keep}
        style={styles.grow}
      />
    </>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  line: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    gap: SPACE.near,
    paddingHorizontal: SPACE.edge,
    paddingVertical: SPACE.close,
  },
});
