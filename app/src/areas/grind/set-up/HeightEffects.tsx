import { unlessRefused } from '@pike-stone/core';
import { centreHeight, centreRule, type CutSide } from '@pike-stone/core/grind';
import { sayHeight, sayPastWork, sayRuleLean, sayRuleSees } from '@pike-stone/words/grind';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Caution } from '../../../kit/Caution';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import type { Bit } from '../use-bit';
import { InBore } from './InBore';

/** Thickness of a thin steel rule, how far it stands up, and the lean that an eye sees. */
const RULE_MM = 0.5;
const RULE_ABOVE_MM = 75;
const EYE_DEG = 1;

interface HeightEffectsProps {
  readonly bit: Bit;
  readonly side: CutSide;
  readonly diameterMm: number;
  readonly heightErrorMm: number;
}

/** What a height error does to the angles, what the pinched rule shows, and the heel in a bore. */
export function HeightEffects({ bit, side, diameterMm, heightErrorMm }: HeightEffectsProps) {
  const units = useUnits();
  const { angles } = bit.plan;
  const working = unlessRefused(
    () => centreHeight(side, heightErrorMm, diameterMm, angles.backRakeDeg, angles.frontClearanceDeg),
    null,
  );
  if (!working) return <Caution level="danger">{sayPastWork(heightErrorMm, diameterMm, units)}</Caution>;
  const rule = centreRule(heightErrorMm, diameterMm, RULE_MM, RULE_ABOVE_MM, EYE_DEG);
  const said = sayHeight(side, working, angles);
  return (
    <>
      <Sheet>
        <View style={styles.pad} testID="height-effects">
          <Words role="heading">What the height does</Words>
          <Words>{said.angles}</Words>
          {said.rubs && <Caution level="caution">{said.rubs}</Caution>}
          <Words>{said.rule}</Words>
          <Words role="strong">Pinch a thin rule between work and nose</Words>
          <Words>{sayRuleLean(rule, RULE_ABOVE_MM, units)}</Words>
          <Words role="note">{sayRuleSees(rule, units)}</Words>
        </View>
      </Sheet>
      {side === 'bore' && <InBore bit={bit} diameterMm={diameterMm} heightErrorMm={heightErrorMm} />}
    </>
  );
}

const styles = sheet({ pad: { padding: SPACE.edge, gap: SPACE.near } });
