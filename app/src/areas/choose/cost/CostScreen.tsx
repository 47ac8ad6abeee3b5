import {
  breakEvenBand,
  economicSpeed,
  tradeOf,
  usualSpread,
  type CostInput,
  type JudgedTool,
} from '@pike-stone/core/choose';
import { formatSurfaceSpeed, joined } from '@pike-stone/words';
import { EDGE_NAMES } from '@pike-stone/words/picking';
import { formatMoney, HANGS_ON } from '@pike-stone/words/choosing';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { useRules } from '../../../data/rules';
import { backOr } from '../../../kit/back';
import { Button } from '../../../kit/Button';
import { Screen, Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { themed } from '../../../theme/theme';
import { SPACE } from '../../../theme/type';
import { useCostSpread } from '../../../workers/cost-work';
import type { CostAnswer } from '../../../workers/cost-question';
import { NoCut } from '../../cut/NoCut';
import { useChoice } from '../useChoice';
import { pricesOf, type Chosen } from '../weigh-job';
import { CostChart } from './CostChart';
import { PriceList } from './PriceList';
import { PricePanel } from './PricePanel';

const TRIALS = 100_000;
/** The same draws every time: the answer changes only when an input does. */
const SEED = 2026;
const ALMOST_ALWAYS = 0.995;

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
  const [touched, setTouched] = useState<CostInput | null>(null);
  const { costInputs } = chosen;
  const trade = tradeOf(chosen.hss.judged.tool.kind);
  const own = useMemo(() => rules?.prices?.[trade] ?? {}, [rules, trade]);
  const known = pricesOf(chosen.hss.judged.tool.kind, rules);
  const fromDrawer = Object.fromEntries(
    (Object.keys(known) as (keyof typeof known)[])
      .filter((name) => known[name] !== costInputs[name])
      .map((name) => [name, costInputs[name]]),
  );
  const question = useMemo(
    () => ({ seed: SEED, trials: TRIALS, fixed: costInputs, uncertain: usualSpread(costInputs) }),
    [costInputs],
  );
  const { answer, share, fault, stopped, stop } = useCostSpread(question);
  const setPrice = (input: CostInput, value: number | null) => {
    const { [input]: _old, ...others } = own as Record<string, number>;
    const next = value === null ? others : { ...others, [input]: value };
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
          input={touched}
          trade={trade}
          value={costInputs[touched]}
          isOwn={touched in own}
          onSet={(value) => setPrice(touched, value)}
          onClose={() => setTouched(null)}
        />
      )}
    </Screen>
  );
}

/** How far the trials are, with a way to stop them. */
function Progress({ share, onStop }: { share: number; onStop: () => void }) {
  const styles = useStyles();
  const percent = Math.round(100 * share);
  return (
    <View style={styles.progress}>
      <View
        role="progressbar"
        aria-label="Trials made"
        aria-valuenow={percent}
        aria-valuemin={0}
        aria-valuemax={100}
        style={styles.trough}
      >
        <View style={[styles.done, { width: `${percent}%` }]} />
      </View>
      <Button label="Stop" onPress={onStop} />
    </View>
  );
}

const range = ({ p10, p90 }: CostAnswer['hss']): string => `${formatMoney(p10)} to ${formatMoney(p90)}`;

/** Cost of a part and of the job with either tool, and how likely carbide is the cheaper. */
function CostWordsOf({ answer, parts }: { answer: CostAnswer; parts: number }) {
  const { hss, carbide, probabilityCarbideCheaper: share } = answer;
  const cheaper = share >= 0.5 ? 'Carbide' : 'High speed steel';
  const sure = Math.max(share, 1 - share);
  const often = sure > ALMOST_ALWAYS ? 'almost always' : `${Math.round(100 * sure)} times in 100`;
  const line = (name: string, of: CostAnswer['hss']) =>
    `${name}: ${range(of)} a part, ${formatMoney(of.p50)} in the middle${parts > 1 ? `; about ${formatMoney(of.p50 * parts)} for ${parts}` : ''}.`;
  return (
    <View style={styles.group} role="status" aria-live="polite">
      <Words role="big" testID="cheaper">{`${cheaper} is cheaper, ${often}`}</Words>
      <Words>{line('High speed steel', hss)}</Words>
      <Words>{line('Carbide', carbide)}</Words>
      <Words role="note">
        Eight times in ten it lies between the two figures. Found by {TRIALS.toLocaleString('en')} trials, so
        the share is counted to ±{(200 * answer.shareError).toFixed(1)} in 100; what it is worth depends on
        what goes in.
      </Words>
    </View>
  );
}

/** What the answer hangs on, the strongest first, as bars. */
function HangsOn({ answer }: { answer: CostAnswer }) {
  const styles = useStyles();
  const sorted = [...answer.correlations].sort((a, b) => Math.abs(b.rho) - Math.abs(a.rho));
  const most = Math.max(0.01, ...sorted.map(({ rho }) => Math.abs(rho)));
  const first = answer.hangsMostOn && HANGS_ON[answer.hangsMostOn];
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">{first ? `It hangs most on ${first}` : 'It hangs on'}</Words>
        {sorted.map(({ name, rho }) => (
          <View key={name} style={styles.bar}>
            <View style={styles.strength}>
              <View style={[styles.done, { width: `${(100 * Math.abs(rho)) / most}%` }]} />
            </View>
            <Words role="note">
              {`${HANGS_ON[name] ?? name}: more of it speaks for ${rho > 0 ? 'carbide' : 'HSS'}`}
            </Words>
          </View>
        ))}
      </View>
    </Sheet>
  );
}

/** What must be had before the first part: nothing where it is in the drawer. */
function fixedCosts({ hss, carbide, costInputs: of }: Chosen) {
  return {
    hss: hss.item ? 0 : of.blankCost + of.firstGrindMin * of.ratePerMin,
    carbide: carbide.item ? 0 : of.holderCost + of.insertCost,
  };
}

/** From how many parts the other tool is the cheaper. */
function Turning({ answer, chosen, parts }: { answer: CostAnswer; chosen: Chosen; parts: number }) {
  const fixed = fixedCosts(chosen);
  const band = breakEvenBand(fixed.hss, fixed.carbide, answer.difference);
  const first = fixed.hss < fixed.carbide ? 'High speed steel' : 'Carbide';
  const other = fixed.hss < fixed.carbide ? 'carbide' : 'high speed steel';
  const whole = (value: number) => Math.ceil(value).toLocaleString('en');
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">From how many parts it turns</Words>
        {fixed.hss === 0 && fixed.carbide === 0 ? (
          <Words>Both are in the drawer: nothing has to be bought first, so the part alone decides.</Words>
        ) : band ? (
          <Words>
            {`To begin, high speed steel costs ${formatMoney(fixed.hss)} and carbide ${formatMoney(fixed.carbide)}. ${first} is cheaper up to about ${whole(band.parts)} parts, then ${other}; it may be ${whole(band.low)} ${band.high === null ? 'or never' : `to ${whole(band.high)}`}. You make ${parts}.`}
          </Words>
        ) : (
          <Words>
            {`To begin, high speed steel costs ${formatMoney(fixed.hss)} and carbide ${formatMoney(fixed.carbide)}. ${first} is cheaper to begin with and by the part: it never turns.`}
          </Words>
        )}
      </View>
    </Sheet>
  );
}

/** The speeds at which a part costs least and at which most parts are made, and what the machine reaches of them. */
function CheapestSpeed({ chosen }: { chosen: Chosen }) {
  const units = useUnits();
  const { costInputs: of, inputs } = chosen;
  const speed = (mPerMin: number) => joined(formatSurfaceSpeed(mPerMin, units));
  const say = ({ plan, lifeMin, tool, family }: JudgedTool, edgeCost: number, changeMin: number) => {
    const { n } = plan.edge.life;
    const line = { n, cMPerMin: plan.speed.actualMPerMin * lifeMin ** n };
    const cost = { ratePerMin: of.ratePerMin, changeMin: Math.max(0.1, changeMin), edgeCost };
    const found = economicSpeed(line, cost, 1, inputs.reachableMPerMin);
    const held = found.limitedByMachine ? ` The machine ends at ${speed(inputs.reachableMPerMin)}.` : '';
    return {
      key: family,
      text: `${EDGE_NAMES[tool.material]}: a part costs least at ${speed(found.minCost.vcMPerMin)}, most parts are made at ${speed(found.maxOutput.vcMPerMin)}; planned is ${speed(plan.speed.actualMPerMin)}.${held}`,
    };
  };
  const { hssCostPerLife, carbideCostPerEdgeLife } = chosen.cost;
  const lines = [
    say(chosen.hss.judged, hssCostPerLife, of.hssResetMin),
    say(chosen.carbide.judged, carbideCostPerEdgeLife, of.indexMin),
  ];
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">The cheapest speed</Words>
        {lines.map(({ key, text }) => (
          <Words key={key}>{text}</Words>
        ))}
        <Words role="note">
          By life against speed as it is usual for the edge. Below carbide’s useful speed it is not wear that
          ends it: never slower for the sake of life.
        </Words>
      </View>
    </Sheet>
  );
}

const styles = StyleSheet.create({
  pad: { paddingHorizontal: SPACE.edge },
  head: { paddingHorizontal: SPACE.edge, paddingTop: SPACE.near },
  group: { padding: SPACE.edge, gap: SPACE.close },
});
const useStyles = themed((c) =>
  StyleSheet.create({
    progress: { flexDirection: 'row', alignItems: 'center', gap: SPACE.near, paddingHorizontal: SPACE.edge },
    group: { padding: SPACE.edge, gap: SPACE.close },
    trough: { flex: 1, height: 12, borderWidth: 1, borderColor: c.strongLine, backgroundColor: c.ground },
    strength: { height: 12, borderWidth: 1, borderColor: c.strongLine, backgroundColor: c.ground },
    done: { height: '100%', backgroundColor: c.accent },
    bar: { gap: 2 },
  }),
);
