import type { ComparisonBody } from '@pike-stone/contract';
import type { WelchInterval } from '@pike-stone/core/compare';
import { sayDifference, sayMeasured, sayOddEnergy } from '@pike-stone/words/learn';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import type { CutOf } from '../useCutOf';
import { energyOf } from './reading';
import { READINGS_EACH, type Side } from './sides';

/** The difference of the two sides, with its interval; honest where none was seen. */
export function Result({
  body,
  interval,
  names,
  enough,
  cuts,
}: {
  body: ComparisonBody;
  interval: WelchInterval | null;
  names: Readonly<Record<Side, string>>;
  enough: boolean;
  cuts: Readonly<Record<Side, CutOf>>;
}) {
  const units = useUnits();
  const said = interval && sayDifference(interval, body.measure, names, units);
  return (
    <Sheet>
      <View style={styles.group} role="status">
        <Words role="label">Difference</Words>
        <Words role="big" testID="difference">
          {said ? said.claim : 'Two readings of each are the least.'}
        </Words>
        {said?.lines.map((line) => (
          <Words key={line}>{line}</Words>
        ))}
        {said && !enough && (
          <Words role="fault">{`Few readings yet: ${READINGS_EACH} of each before it is believed.`}</Words>
        )}
        {said && (
          <Words role="note">{`Welch’s interval; a difference within ${sayMeasured(body.matters, body.measure, units)} does not matter.`}</Words>
        )}
        {body.measure === 'power' && <Energy body={body} names={names} cuts={cuts} />}
      </View>
    </Sheet>
  );
}

/** Energy for each cubic millimetre on both sides, with a question where it is far from what the metal takes. */
function Energy({
  body,
  names,
  cuts,
}: {
  body: ComparisonBody;
  names: Readonly<Record<Side, string>>;
  cuts: Readonly<Record<Side, CutOf>>;
}) {
  const told = (['a', 'b'] as const).flatMap((side) => {
    const jMm3 = energyOf(body, side);
    return jMm3 === null ? [] : [{ side, jMm3 }];
  });
  const odd = told.flatMap(({ side, jMm3 }) => sayOddEnergy(jMm3, cuts[side].plan.metal) ?? []);
  return (
    <>
      {told.map(({ side, jMm3 }) => (
        <Words key={side}>{`${names[side]}: ${jMm3.toFixed(2)} J/mm³`}</Words>
      ))}
      {[...new Set(odd)].map((one) => (
        <Words key={one} role="fault">
          {one}
        </Words>
      ))}
    </>
  );
}

const styles = sheet({
  group: { paddingHorizontal: SPACE.edge, paddingVertical: SPACE.near, gap: SPACE.close },
});
