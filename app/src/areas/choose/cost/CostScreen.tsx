import {
  beginCosts,
  breakEvenBand,
  cheapestSpeeds,
  tradeOf,
  usualSpread,
  type Prices,
} from '@pike-stone/core/choose';
import {
  HANGS_ON,
  sayCheaper,
  sayCheapestSpeed,
  sayCostOf,
  sayTrials,
  sayTurning,
} from '@pike-stone/words/choosing';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { pricesOf } from '../../../data/prices';
import { useRules } from '../../../data/rules';
import { backOr } from '../../../kit/back';
import { Bar } from '../../../kit/Bar';
import { Button } from '../../../kit/Button';
import { Screen, Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { useCostSpread } from '../../../workers/cost-work';
import type { CostAnswer } from '../../../workers/cost-question';
import { NoCut } from '../../cut/NoCut';
import { useChoice } from '../useChoice';
import type { Chosen } from '../weigh-job';
import { CostChart } from './CostChart';
import { PriceList } from './PriceList';
import { PricePanel } from './PricePanel';

const TRIALS = 100_000;
/** The same draws every time: the answer changes only when an input does. */
const SEED = 2026;

/** What a part costs with high speed steel and with carbide, how surely, and from how many parts it turns. */
export function CostScreen() {
  const found = useChoice();
  const { setUp, chosen } = found;
  if (!setUp || !chosen) return <NoCut loading={found.loading} error={found.error} refused={found.refused} />;
  return <CostPage chosen={chosen} machine={setUp.setup.machine.name} parts={found.wants.parts} />;
}

function CostPage({ chosen, machine, parts }: { chosen: Chosen; machine: string; parts: number }) {
  const router = useRouter();
  const { rules, change } = useRules();
  const [touched, setTouched] = useState<keyof Prices | null>(null);
  const { costInputs } = chosen;
  const trade = tradeOf(chosen.hss.judged.tool.kind);
  const own = rules?.prices?.[trade] ?? {};
  const known = pricesOf(chosen.hss.judged.tool.kind, rules);
  const fromDrawer = (Object.keys(known) as (keyof Prices)[]).filter(
    (price) => known[price] !== costInputs[price],
  );
  const question = useMemo(
    () => ({ seed: SEED, trials: TRIALS, fixed: costInputs, uncertain: usualSpread(costInputs) }),
    [costInputs],
  );
  const { answer, share, fault, stopped, stop } = useCostSpread(question);
  const setPrice = (price: keyof Prices, value: number | null) => {
    const { [price]: _old, ...others } = own;
    const next = value === null ? others : { ...others, [price]: value };
    void change({ prices: { ...rules?.prices, [trade]: next } });
  };
  return (
    <Screen
      title="What it costs"
      about={`${machine}, money in the shop’s own currency`}
      onBack={() => backOr(router, '/cut/choose')}
      side={
        <Sheet>
          <Words role="heading" style={styles.head}>
            Reckoned with
          </Words>
          <PriceList
            inputs={costInputs}
            trade={trade}
            own={own}
            fromDrawer={fromDrawer}
            onTouch={setTouched}
          />
        </Sheet>
      }
    >
      {share !== null && <Progress share={share} onStop={stop} />}
      {stopped && <Words style={styles.pad}>Stopped. What is shown is the answer before.</Words>}
      {fault && (
        <Words role="fault" style={styles.pad}>
          {fault}
        </Words>
      )}
      {answer && (
        <>
          <Sheet>
            <CostWordsOf answer={answer} parts={parts} />
            <CostChart answer={answer} />
          </Sheet>
          <HangsOn answer={answer} />
          <Turning answer={answer} chosen={chosen} parts={parts} />
        </>
      )}
      <CheapestSpeed chosen={chosen} />
      {touched && (
        <PricePanel
          key={touched}
          price={touched}
          trade={trade}
          value={costInputs[touched]}
          isOwn={own[touched] !== undefined}
          onSet={(value) => setPrice(touched, value)}
          onClose={() => setTouched(null)}
        />
      )}
    </Screen>
  );
}

/** How far the trials are, with a way to stop them. */
function Progress({ share, onStop }: { share: number; onStop: () => void }) {
  return (
    <View style={styles.progress}>
      <Bar share={share} progressOf="Trials made" />
      <Button label="Stop" onPress={onStop} />
    </View>
  );
}

/** Cost of a part and of the job with either tool, and how likely carbide is the cheaper. */
function CostWordsOf({ answer, parts }: { answer: CostAnswer; parts: number }) {
  return (
    <View style={styles.group} role="status" aria-live="polite">
      <Words role="big" testID="cheaper">
        {sayCheaper(answer.probabilityCarbideCheaper)}
      </Words>
      <Words>{sayCostOf('hss', answer.hss, parts)}</Words>
      <Words>{sayCostOf('carbide', answer.carbide, parts)}</Words>
      <Words role="note">{sayTrials(TRIALS, answer.shareError)}</Words>
    </View>
  );
}

/** What the answer hangs on, the strongest first, as bars. */
function HangsOn({ answer }: { answer: CostAnswer }) {
  const sorted = [...answer.correlations].sort((a, b) => Math.abs(b.rho) - Math.abs(a.rho));
  const most = Math.max(0.01, ...sorted.map(({ rho }) => Math.abs(rho)));
  const first = answer.hangsMostOn && HANGS_ON[answer.hangsMostOn];
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">{first ? `It hangs most on ${first}` : 'It hangs on'}</Words>
        {sorted.map(({ name, rho }) => (
          <View key={name} style={styles.bar}>
            <Bar share={Math.abs(rho) / most} />
            <Words role="note">
              {`${HANGS_ON[name] ?? name}: more of it speaks for ${rho > 0 ? 'carbide' : 'HSS'}`}
            </Words>
          </View>
        ))}
      </View>
    </Sheet>
  );
}

/** From how many parts the other tool is the cheaper. */
function Turning({ answer, chosen, parts }: { answer: CostAnswer; chosen: Chosen; parts: number }) {
  const begin = beginCosts(chosen);
  const band = breakEvenBand(begin.hss, begin.carbide, answer.difference);
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">From how many parts it turns</Words>
        <Words>{sayTurning(begin, band, parts)}</Words>
      </View>
    </Sheet>
  );
}

/** The speeds at which a part costs least and at which most parts are made, and what the machine reaches of them. */
function CheapestSpeed({ chosen }: { chosen: Chosen }) {
  const units = useUnits();
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">The cheapest speed</Words>
        {cheapestSpeeds(chosen).map((one) => (
          <Words key={one.family}>{sayCheapestSpeed(one, units)}</Words>
        ))}
        <Words role="note">
          By life against speed as it is usual for the edge. Below carbide’s useful speed it is not wear that
          ends it: never slower for the sake of life.
        </Words>
      </View>
    </Sheet>
  );
}

const styles = sheet({
  pad: { paddingHorizontal: SPACE.edge },
  head: { paddingHorizontal: SPACE.edge, paddingTop: SPACE.near },
  group: { padding: SPACE.edge, gap: SPACE.close },
  progress: { flexDirection: 'row', alignItems: 'center', gap: SPACE.near, paddingHorizontal: SPACE.edge },
  bar: { gap: 2 },
});
