import { isDoneWith } from '@pike-stone/core';
import {
  CHOICE_FACTORS,
  measuredWith,
  millAdvice,
  pushOfBoth,
  type ChoiceFactor,
} from '@pike-stone/core/choose';
import { coversArea } from '@pike-stone/core/forecast';
import { DEFER, formatLength, joined } from '@pike-stone/words';
import {
  FACTOR_TITLES,
  sayFactor,
  sayMeasure,
  sayMill,
  saySchools,
  sayToGet,
  type ChoiceContext,
} from '@pike-stone/words/choosing';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { Balance } from '../../kit/Balance';
import { Button } from '../../kit/Button';
import { Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { Ranking } from './Ranking';
import type { Chosen } from './weigh-job';

/** The heaviest bar fills its half of the balance, when it weighs this much. */
const HEAVY = 1;
/** Factors that say next to nothing are left out. */
const LEAST_WEIGHT = 0.05;

interface ReasonsProps {
  readonly chosen: Chosen;
  readonly context: ChoiceContext;
  readonly toleranceMm: number;
  readonly onTake: (toolId: string) => void;
}

/** Reasons, the tools in order, the milling cutter, what to measure with, and the schools. */
export function Reasons({ chosen, context, toleranceMm, onTake }: ReasonsProps) {
  return (
    <>
      <Weights chosen={chosen} context={context} />
      <FromTheDrawer chosen={chosen} onTake={onTake} />
      <MillOrder chosen={chosen} />
      <ToMeasure chosen={chosen} toleranceMm={toleranceMm} />
      <Schools chosen={chosen} context={context} />
    </>
  );
}

/** Every reason with its weight, the heaviest first. */
function Weights({ chosen: { weighed, inputs }, context }: Pick<ReasonsProps, 'chosen' | 'context'>) {
  const units = useUnits();
  const [opened, setOpened] = useState<string | null>(weighed.topReasons[0] ?? null);
  const weight = (factor: ChoiceFactor) => weighed.contributions[factor];
  const reasons = CHOICE_FACTORS.filter((factor) => Math.abs(weight(factor)) >= LEAST_WEIGHT)
    .sort((a, b) => Math.abs(weight(b)) - Math.abs(weight(a)))
    .map((factor) => ({
      key: factor as string,
      title: FACTOR_TITLES[factor],
      weight: weight(factor),
      text: sayFactor(factor, inputs, context, units),
    }));
  const school = {
    key: 'leaning',
    title: 'Your school',
    weight: weighed.leaning,
    text: 'The shop leans this way: changed in Settings.',
  };
  return (
    <Sheet>
      <Words role="heading" style={styles.head}>
        Reasons
      </Words>
      <Balance
        left="HSS"
        right="Carbide"
        reasons={weighed.leaning === 0 ? reasons : [...reasons, school]}
        most={Math.max(HEAVY, ...reasons.map((one) => Math.abs(one.weight)))}
        opened={opened}
        onOpen={setOpened}
      />
    </Sheet>
  );
}

/** The tools of the drawer in order, and what to get where a family has none. */
function FromTheDrawer({ chosen, onTake }: Pick<ReasonsProps, 'chosen' | 'onTake'>) {
  const units = useUnits();
  const toGet = (['hss', 'carbide'] as const).filter((family) => chosen[family].item === null);
  return (
    <Sheet>
      <Words role="heading" style={styles.head}>
        From the drawer
      </Words>
      <Ranking ranked={chosen.ranked} pickId={chosen.pick?.item.id ?? null} units={units} onTake={onTake} />
      {chosen.ranked.length === 0 && (
        <Words style={styles.pad}>No tool in the drawer is of the kind for this cut.</Words>
      )}
      {toGet.map((family) => (
        <Words key={family} style={styles.pad}>
          {sayToGet(chosen, family, units)}
        </Words>
      ))}
    </Sheet>
  );
}

/** What matters of an end mill, in order, and what is wrong with the pick; ways over an area. */
function MillOrder({ chosen }: Pick<ReasonsProps, 'chosen'>) {
  const units = useUnits();
  const router = useRouter();
  const { setup, plan, tool } = chosen.pick?.judged ?? chosen.hss.judged;
  if (!coversArea(tool.kind)) return null;
  return (
    <Sheet>
      <View style={styles.group}>
        {isDoneWith(setup, 'end-mill') && tool.kind === 'end-mill' && (
          <>
            <Words role="heading">Of the milling cutter, in the order that matters</Words>
            {sayMill(millAdvice(setup, plan), plan, tool.teeth, units).map(({ title, text, fault }) => (
              <View key={title}>
                <Words>
                  <Words role="strong">{title}: </Words>
                  {text}
                </Words>
                {fault && <Words role="fault">{`Look at this first: ${fault}.`}</Words>}
              </View>
            ))}
          </>
        )}
        <Button
          label="Which cutter for an area?"
          says="Face mill, fly cutter or end mill for an area"
          onPress={() => router.push('/cut/area')}
        />
      </View>
    </Sheet>
  );
}

/** What the tolerance is measured with. */
function ToMeasure({ chosen, toleranceMm }: Pick<ReasonsProps, 'chosen' | 'toleranceMm'>) {
  const units = useUnits();
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">{`To measure ${joined(formatLength(toleranceMm, units))}`}</Words>
        <Words>{sayMeasure(measuredWith(chosen.hss.judged, toleranceMm), units)}</Words>
      </View>
    </Sheet>
  );
}

/** What either school says of this job, and what measurement shows between them. */
function Schools({ chosen, context }: Pick<ReasonsProps, 'chosen' | 'context'>) {
  const units = useUnits();
  const push = pushOfBoth(chosen);
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">Both schools</Words>
        {saySchools(chosen, context, push, units).map(({ title, text }) => (
          <View key={title}>
            <Words role="strong">{title}</Words>
            <Words>{text}</Words>
          </View>
        ))}
        <Words role="note">
          {chosen.weighed.leaning === 0
            ? 'Neither is preferred here; a shop that leans one way says so in Settings, and it counts 0.7.'
            : 'Your shop leans one way: it is among the reasons, and changed in Settings.'}
        </Words>
        <Words role="note">{DEFER}</Words>
      </View>
    </Sheet>
  );
}

const styles = sheet({
  pad: { paddingHorizontal: SPACE.edge, paddingVertical: SPACE.close },
  head: { paddingHorizontal: SPACE.edge, paddingTop: SPACE.near },
  group: { padding: SPACE.edge, gap: SPACE.close },
});
