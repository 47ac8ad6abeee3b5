import { LEAST_FLUTE_DIAMETERS, millRegrinds, regrindCost, type EndMillPlan } from '@pike-stone/core/wheel';
import { unlessRefused } from '@pike-stone/core';
import { View } from 'react-native';
import { usePrices } from '../../../data/prices';
import { Bar } from '../../../kit/Bar';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { useFigures } from '../../figures/useFigures';
import type { EndMill } from './use-end-mill';

/** Life of an edge against a new one: ground here, and sent out. Typical. */
const LIFE = { own: 0.8, sentOut: 0.95 } as const;
/** What sending a cutter out usually costs, as a share of a new one. */
const FEE_SHARE = 0.4;
/** Least diameter of a cutter, as a share of its own. */
const LEAST_DIAMETER_SHARE = 0.9;

const WAYS = [
  ['own', 'Sharpen it here'],
  ['send-out', 'Send it out'],
  ['buy', 'Buy a new one'],
] as const;

/** Cost of one life of the cutter's edge: here, sent out, bought new. */
export function MillCost({ mill, plan }: { mill: EndMill; plan: EndMillPlan }) {
  const prices = usePrices('end-mill');
  const { job, tool } = mill;
  const price = tool?.body.price ?? prices.blankCost;
  const usual = Math.round(FEE_SHARE * price * 10) / 10;
  const figures = useFigures(
    [
      { key: 'price', label: 'A new one', kind: 'number', low: 0, high: 1e5, start: String(price) },
      { key: 'fee', label: 'Sent out, each time', kind: 'number', low: 0, high: 1e5, start: String(usual) },
    ],
    { keptAs: `mill-cost/${mill.key}`, atOnce: true },
  );
  const left = millRegrinds({
    fluteMm: job.cutter.fluteMm,
    leastFluteMm: LEAST_FLUTE_DIAMETERS * job.cutter.diameterMm,
    endMm: Math.max(0.05, plan.rounds.stockMm),
    diameterMm: job.cutter.diameterMm,
    leastDiameterMm: LEAST_DIAMETER_SHARE * job.cutter.diameterMm,
    radialMm: 0,
  });
  const [asked, fee] = [figures.peek('price')?.[0], figures.peek('fee')?.[0]];
  const cost =
    asked === undefined || fee === undefined
      ? null
      : unlessRefused(
          () =>
            regrindCost({
              price: asked,
              regrinds: left.regrinds,
              minutes: plan.minutes,
              ratePerHour: 60 * prices.ratePerMin,
              wheelCost: prices.wheelCostPerGrind,
              lifeRatio: LIFE.own,
              sendOutFee: fee,
              sendOutLifeRatio: LIFE.sentOut,
            }),
          null,
        );
  const most = cost ? Math.max(...Object.values(cost.perLife)) : 1;
  return (
    <Sheet>
      <View style={styles.box} testID="mill-cost">
        <Words role="heading">Cost of one life of its edge</Words>
        {cost
          && WAYS.map(([way, label]) => (
            <View key={way} style={styles.row}>
              <Words role={way === cost.cheapest ? 'strong' : 'body'} style={styles.way}>
                {label}
              </Words>
              <Bar share={most > 0 ? cost.perLife[way] / most : 0} />
              <Words style={styles.money}>{cost.perLife[way].toFixed(2)}</Words>
            </View>
          ))}
        {cost && (
          <Words role="note">
            {`${left.regrinds} such sharpenings are left in its flutes. ${cost.breakEvenMin > 0 ? `Up to ${Math.floor(cost.breakEvenMin)} min each it beats a new one.` : 'A new one is cheaper.'} A special form, waiting and skill gained may outweigh it.`}
          </Words>
        )}
        {figures.boxes}
      </View>
    </Sheet>
  );
}

const styles = sheet({
  box: { padding: SPACE.edge, gap: SPACE.close },
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.near },
  way: { width: 128 },
  money: { width: 56, textAlign: 'right' },
});
