import { cutPasses, type FormShape } from '@pike-stone/core/form';
import { simpleIndexing } from '@pike-stone/core/setting';
import { fitsOperation, OPERATION_KEYS } from '@pike-stone/core';
import { formatLength, joined } from '@pike-stone/words';
import { sayIndexing, sayRimError, sayToothMeasures } from '@pike-stone/words/form';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { backOr } from '../../../kit/back';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Empty } from '../../../kit/Empty';
import { Row } from '../../../kit/Row';
import { Screen, Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { HeadChoice } from '../../angles/HeadChoice';
import { useHead } from '../../angles/use-set';
import { useCutWith } from '../../cut/cut-with';
import { BigFigures } from '../../grind/steps/StepFigures';
import { LoadingOrNotHere } from '../../LoadingOrNotHere';
import { useForm, type Form } from '../use-form';
import { useKeepCutter } from '../use-keep-cutter';
import { ToothRing } from './ToothRing';

/** Cutting the gear tooth by tooth, with the crank move, safe to be interrupted. */
export function CutGearScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { form, loading, error } = useForm(id);
  if (form) return <Cutting form={form} />;
  return <LoadingOrNotHere loading={loading} error={error} />;
}

function Cutting({ form }: { form: Form }) {
  const router = useRouter();
  const units = useUnits();
  const { head, ratio } = useHead();
  const { body, shape, record } = form;
  const back = () => backOr(router, `/grind/forms/${record.id}`);
  if (!shape?.blank)
    return (
      <Screen title="Cut the gear" onBack={back}>
        <Empty title="This form is none of a gear">
          Only a gear or a clock wheel is divided and cut tooth by tooth.
        </Empty>
      </Screen>
    );
  const { teeth, outsideMm } = shape.blank;
  const done = Math.min(body.spacesCut, teeth);
  const indexing = simpleIndexing(ratio, teeth, head.plates);
  const cut = (count: number) => form.change({ spacesCut: Math.max(0, Math.min(teeth, count)) });
  const finished = done === teeth;
  return (
    <Screen
      title="Cut the gear"
      about={body.name}
      onBack={back}
      side={
        <>
          <Depths shape={shape} outsideMm={outsideMm} />
          <Measure form={form} />
          <HeadChoice />
        </>
      }
      footer={
        finished ? (
          <Button
            kind="main"
            label="Another blank"
            onPress={() => form.change({ spacesCut: 0 }, 'Begun again.')}
            style={styles.grow}
          />
        ) : (
          <>
            <Button label="One back" disabled={done === 0} onPress={() => cut(done - 1)} />
            <Button
              kind="main"
              label={done === 0 ? 'First space is cut' : `Space ${done + 1} is cut`}
              onPress={() => cut(done + 1)}
              style={styles.grow}
            />
          </>
        )
      }
    >
      <BigFigures
        shown={[
          { label: 'Space', figure: finished ? 'all' : String(done + 1), about: `of ${teeth}` },
          {
            label: 'Depth',
            figure: formatLength(shape.depthMm, units).figure,
            about: formatLength(shape.depthMm, units).unit,
          },
        ]}
      />
      <Sheet>
        <View style={styles.box} testID="tooth-by-tooth">
          <Words role="big">
            {finished
              ? 'All spaces are cut.'
              : done === 0
                ? 'Pin in the starting hole.'
                : sayIndexing(indexing)}
          </Words>
          <ToothRing teeth={teeth} done={done} />
          {!indexing.exact && <Words>{sayRimError(indexing, outsideMm, units)}</Words>}
          <Words role="note">
            Mark every space with a light gash round first: a counting error shows in the last tooth. Turn one
            way only, lock the spindle for each cut.
          </Words>
        </View>
        <Caution level="caution">
          The cutter is open: guard it, stand out of its plane, and stop the spindle before you measure. The
          machine’s manual and local rules come first.
        </Caution>
      </Sheet>
      {!indexing.exact && (
        <Sheet>
          <Row
            title="Exact ways"
            about="differential or compound dividing"
            onPress={() => router.push('/grind/angles?of=divide')}
          />
        </Sheet>
      )}
      <SpeedAndFeed form={form} />
    </Screen>
  );
}

/** Blank, passes and what a blank that is off size does. */
function Depths({ shape, outsideMm }: { shape: FormShape; outsideMm: number }) {
  const units = useUnits();
  const size = (mm: number): string => joined(formatLength(mm, units));
  const [brass, steel] = [cutPasses(shape, 'brass'), cutPasses(shape, 'steel')];
  return (
    <Sheet>
      <View style={styles.box}>
        <Words role="heading">Blank and passes</Words>
        <Words role="strong">{`Blank ${size(outsideMm)}`}</Words>
        <Words>
          A blank that is off size moves the pitch line by half of that: correct the depth, not the blank.
        </Words>
        <Words>{`In brass: ${brass.map(size).join(', ')}.`}</Words>
        <Words>{`In steel: ${steel.map(size).join(', ')}.`}</Words>
        <Words role="note">
          Equal areas of chip, the last pass light. Customary: the book of this shop knows better after the
          first one.
        </Words>
      </View>
    </Sheet>
  );
}

/** What the first tooth must measure. */
function Measure({ form: { shape } }: { form: Form }) {
  const units = useUnits();
  if (!shape?.gear) return null;
  return (
    <Sheet>
      <View style={styles.box} testID="measure-gear">
        <Words role="heading">What it must measure</Words>
        {sayToothMeasures(shape.gear.wanted, units).map((line) => (
          <Words key={line}>{line}</Words>
        ))}
        <Words role="note">Larger than that: cut a little deeper. Sinking cannot mend a wrong form.</Words>
      </View>
    </Sheet>
  );
}

/** What a form cutter is cut with. */
const CUT_BY_IT = OPERATION_KEYS.find((one) => fitsOperation({ kind: 'form-cutter' }, one))!;

/** Speed and feed at the cutter's real diameter, planned in Cut. */
function SpeedAndFeed({ form }: { form: Form }) {
  const router = useRouter();
  const cutWith = useCutWith(CUT_BY_IT);
  const { tool } = useKeepCutter(form);
  return (
    <Sheet>
      <Row
        title="Speed and feed"
        about={tool ? 'in Cut, at the diameter of this cutter' : 'keep the cutter in the drawer first'}
        onPress={
          tool && cutWith
            ? () => {
                cutWith(tool);
                router.push('/cut');
              }
            : undefined
        }
      />
    </Sheet>
  );
}

const styles = sheet({ grow: { flex: 1 }, box: { padding: SPACE.edge, gap: SPACE.close } });
