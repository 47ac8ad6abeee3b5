import { inspectForm, type Profile } from '@pike-stone/core/form';
import { unlessRefused } from '@pike-stone/core';
import {
  FORM_VERDICT_WORDS,
  SIGN_WORDS,
  sayFree,
  sayInspection,
  sayWorstFacet,
} from '@pike-stone/words/form';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { backOr } from '../../../kit/back';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Empty } from '../../../kit/Empty';
import { Screen, Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { formStl } from '../../../workers/solid-work';
import { LoadingOrNotHere } from '../../LoadingOrNotHere';
import { useForm, type Form } from '../use-form';
import { DeviationPicture } from './DeviationPicture';
import { FirstPart } from './FirstPart';
import { MeasurePanel } from './MeasurePanel';
import { ScreenOverlay } from './ScreenOverlay';
import { TemplateSheet } from './TemplateSheet';

/** Proving a cutter: a drawing to hold it against, measured points on the form, the first part it cuts. */
export function ProveScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { form, loading, error } = useForm(id);
  if (form) return <Proof form={form} />;
  return <LoadingOrNotHere loading={loading} error={error} />;
}

function Proof({ form }: { form: Form }) {
  const router = useRouter();
  const [measuring, setMeasuring] = useState(false);
  const { body, shape, corrected, record } = form;
  const back = () => backOr(router, `/grind/forms/${record.id}`);
  if (!shape || !corrected)
    return (
      <Screen title="Prove it" onBack={back}>
        <Empty title="There is no form yet">Its page says what stands in the way.</Empty>
      </Screen>
    );
  const profile = body.measured?.on === 'part' ? shape.profile : corrected.onFace;
  return (
    <Screen
      title="Prove it"
      about={body.name}
      onBack={back}
      side={
        <>
          <TemplateSheet
            work={shape.profile}
            face={corrected.onFace}
            name={body.name}
            stl={() => formStl({ shape, tool: body.tool }, body.name)}
          />
          <FirstPart form={form} />
        </>
      }
      footer={
        <Button
          kind="main"
          label={body.measured ? 'Measure again' : 'Measured points'}
          onPress={() => setMeasuring(true)}
          style={styles.grow}
        />
      }
    >
      {body.measured ? (
        <Inspected form={form} profile={profile} />
      ) : (
        <Empty title="Not measured yet">
          Measure points along the edge by microscope or on a projector, in order, from any zero. They are
          laid on the form, and what is off is drawn and judged.
        </Empty>
      )}
      <ScreenOverlay profile={profile} />
      {measuring && <MeasurePanel form={form} onClose={() => setMeasuring(false)} />}
    </Screen>
  );
}

/** The measured points on the form, the verdict, and which facet to touch. */
function Inspected({ form, profile }: { form: Form; profile: Profile }) {
  const units = useUnits();
  const { measured } = form.body;
  const key = JSON.stringify([measured, profile]);
  const found = useMemo(
    () => measured && unlessRefused(() => inspectForm(profile, measured), null),
    // Compared by content.
    // oxlint-disable-next-line react/exhaustive-deps
    [key],
  );
  if (!measured || !found)
    return (
      <Caution level="caution">
        These points cannot be laid on the form: measure at least three along it.
      </Caution>
    );
  const worst = found.deviations.findIndex(({ distanceMm }) => distanceMm === found.facet.worst.distanceMm);
  const free = sayFree(found.free);
  return (
    <>
      <Sheet>
        <DeviationPicture
          profile={profile}
          deviations={found.deviations}
          lowMm={measured.lowMm}
          highMm={measured.highMm}
        />
        <View style={styles.box} testID="inspection">
          <Words role="big">{FORM_VERDICT_WORDS[found.verdict]}</Words>
          <Words>{sayInspection(found, units)}</Words>
          {found.verdict !== 'inside' && (
            <Words role="strong" testID="facet">
              {sayWorstFacet(found.facet, measured.on, units)}
            </Words>
          )}
          <Words role="note">{SIGN_WORDS[measured.on]}</Words>
          {found.isFlattered && <Words role="note">Fewer than ten points: the fit flatters them.</Words>}
        </View>
        {free && <Caution level="note">{free}</Caution>}
      </Sheet>
      {found.verdict === 'outside' && measured.points.length > 3 && (
        <View style={styles.box}>
          <Button
            label={`Leave point ${worst + 1} out`}
            onPress={() =>
              form.change(
                { measured: { ...measured, points: measured.points.filter((_, i) => i !== worst) } },
                `Point ${worst + 1} left out: look whether dirt or a burr was measured.`,
              )
            }
          />
        </View>
      )}
    </>
  );
}

const styles = sheet({ grow: { flex: 1 }, box: { padding: SPACE.edge, gap: SPACE.close } });
