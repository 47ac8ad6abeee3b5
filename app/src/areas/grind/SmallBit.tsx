import { mirroredFacets, paintTree, plainCut, solidOf, type BitPlan } from '@pike-stone/core/grind';
import { useMemo } from 'react';
import { View } from 'react-native';
import Svg from 'react-native-svg';
import { grindStepKeys } from './step-keys';
import { VIEWS } from './solid/project';
import { SolidArt } from './solid/SolidArt';

const HEIGHT = 34;
const PX_A_MM = 1.5;
const MARGIN = 4;

/** A bit as a small drawing, from above or from the side, as long as it is. */
export function SmallBit({
  plan,
  view,
  lengthMm = plan.blank.lengthMm,
}: {
  plan: BitPlan;
  view: 'plan' | 'side';
  lengthMm?: number;
}) {
  const key = JSON.stringify([plan, lengthMm]);
  const tree = useMemo(() => {
    const { blank, cuts } = solidOf({ ...plan, blank: { ...plan.blank, lengthMm } });
    const { facets } = plainCut(blank, cuts);
    return paintTree(plan.hand === 'right' ? facets : mirroredFacets(facets));
    // Compared by content, not by identity.
    // oxlint-disable-next-line react/exhaustive-deps
  }, [key]);
  const width = lengthMm * PX_A_MM + 2 * MARGIN;
  const below = view === 'plan' && plan.hand === 'left' ? plan.blank.widthMm * PX_A_MM : 0;
  return (
    <View role="img" aria-label={`The bit, ${Math.round(lengthMm)} mm long`}>
      <Svg width={width} height={HEIGHT}>
        <SolidArt
          tree={tree}
          steps={grindStepKeys(plan)}
          placing={{ eye: VIEWS[view], scale: PX_A_MM, x: width - MARGIN, y: MARGIN + 4 + below }}
          plain
        />
      </Svg>
    </View>
  );
}
