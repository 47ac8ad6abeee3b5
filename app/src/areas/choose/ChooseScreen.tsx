import { hasChoice } from '@pike-stone/core/choose';
import { operationName } from '@pike-stone/words';
import { formatMoney, sayFlips, sayVerdict, sayWhy, type ChoiceContext } from '@pike-stone/words/choosing';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { backOr } from '../../kit/back';
import { Button } from '../../kit/Button';
import { Row } from '../../kit/Row';
import { Screen, Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { useWide } from '../../theme/theme';
import { SPACE } from '../../theme/type';
import { Choosers } from '../cut/Choosers';
import { EditDimension } from '../cut/EditDimension';
import { NoCut } from '../cut/NoCut';
import type { SetUp } from '../cut/useCut';
import { bitForCut } from '../grind/bit-for-cut';
import { useOpenBit } from '../grind/use-bit';
import { JobSentence, type JobWord } from './JobSentence';
import { useWants } from './job-wants';
import { Likelihood } from './Likelihood';
import { Reasons } from './Reasons';
import { useChoice } from './useChoice';
import type { Chosen } from './weigh-job';
import { WantsPanel } from './WantsPanel';
import { Window } from './Window';

/** Longer lists of what would flip it are not read. */
const MOST_FLIPS = 5;

/** High speed steel or carbide for the job that is set up, with its reasons, what would flip it, and what to take. */
export function ChooseScreen() {
  const found = useChoice();
  const { setUp, drawer, metals, chosen, context, wants } = found;
  const router = useRouter();
  const wide = useWide();
  const want = useWants((state) => state.want);
  const openBit = useOpenBit();
  const [touched, setTouched] = useState<JobWord | null>(null);
  if (!setUp) return <NoCut loading={found.loading} error={found.error} refused={found.refused} />;
  const close = () => setTouched(null);
  const take = (toolId: string) => {
    setUp.change({ toolId });
    router.navigate('/cut');
  };
  const pick = chosen?.pick ?? null;
  const plan = chosen?.hss.judged.plan ?? null;
  const toGrind = plan && bitForCut(setUp.setup, plan);
  return (
    <Screen
      title="Which tool?"
      onBack={() => backOr(router, '/cut')}
      side={
        chosen
        && context && (
          <Reasons chosen={chosen} context={context} toleranceMm={wants.toleranceMm} onTake={take} />
        )
      }
      footer={
        pick ? (
          <Button
            kind="main"
            label={`Take ${pick.item.body.name}`}
            says={`Take ${pick.item.body.name} to the cut`}
            onPress={() => take(pick.item.id)}
            style={styles.grow}
          />
        ) : (
          <Button
            kind="main"
            label={toGrind ? 'Nothing fits: grind a bit for it' : 'Nothing in the drawer fits'}
            disabled={!toGrind}
            onPress={() => toGrind && openBit(toGrind)}
            style={styles.grow}
          />
        )
      }
    >
      <JobSentence
        setUp={setUp}
        wants={wants}
        depthMm={chosen?.carbide.judged.plan.depth.mm ?? setUp.setup.depthMm}
        onTouch={setTouched}
      />
      {chosen && context ? (
        <>
          <Answer chosen={chosen} context={context} />
          <Window chosen={chosen} setUp={setUp} height={wide ? 300 : 230} />
          <FlipList chosen={chosen} context={context} />
        </>
      ) : (
        <NoChoice setUp={setUp} />
      )}
      {touched === 'wants' && (
        <WantsPanel wants={wants} interrupted={setUp.setup.interrupted} onChange={want} onClose={close} />
      )}
      {(touched === 'diameter' || touched === 'depth') && (
        <EditDimension
          dimension={touched}
          cut={{ ...setUp, plan: chosen?.carbide.judged.plan ?? null }}
          onClose={close}
        />
      )}
      {touched && touched !== 'wants' && touched !== 'diameter' && touched !== 'depth' && (
        <Choosers what={touched} cut={setUp} drawer={drawer} metals={metals} onClose={close} />
      )}
    </Screen>
  );
}

/** Why there is nothing to weigh. */
function NoChoice({ setUp }: { setUp: SetUp }) {
  const { operation } = setUp.setup;
  return (
    <Words style={styles.pad}>
      {hasChoice(operation)
        ? 'This cut does not go together yet: look at it in Cut.'
        : `${operationName(operation)} is done with one kind of tool only: there is nothing to choose.`}
    </Words>
  );
}

/** The verdict in one sentence with its confidence, and how likely it is. */
function Answer({ chosen, context }: { chosen: Chosen; context: ChoiceContext }) {
  const units = useUnits();
  const router = useRouter();
  return (
    <Sheet>
      <View style={styles.answer} role="status" aria-live="polite">
        <Words role="big" testID="verdict">
          {sayVerdict(chosen.weighed)}
        </Words>
        <Words>{sayWhy(chosen, context, units)}</Words>
      </View>
      <Likelihood probabilityCarbide={chosen.weighed.probabilityCarbide} excluded={chosen.weighed.excluded} />
      <Row
        title="What it costs"
        about={`about ${formatMoney(chosen.cost.hssCostPerPart)} a part with HSS, ${formatMoney(chosen.cost.carbideCostPerPart)} with carbide`}
        onPress={() => router.push('/cut/cost')}
      />
    </Sheet>
  );
}

/** What would flip it, the likeliest at the machine first. */
function FlipList({ chosen, context }: { chosen: Chosen; context: ChoiceContext }) {
  const units = useUnits();
  const flips = sayFlips(chosen, context, units);
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">What would flip it</Words>
        {flips.length === 0 && (
          <Words>No single change does: it would take more than one of these reasons.</Words>
        )}
        {flips.slice(0, MOST_FLIPS).map(({ factor, text }) => (
          <Words key={factor}>{text}</Words>
        ))}
      </View>
    </Sheet>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  pad: { paddingHorizontal: SPACE.edge, paddingVertical: SPACE.close },
  answer: { paddingHorizontal: SPACE.edge, paddingTop: SPACE.near, gap: SPACE.hair },
  group: { padding: SPACE.edge, gap: SPACE.close },
});
