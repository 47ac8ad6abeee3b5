import { formatMoney, MILL_FAULT_WORDS } from '@pike-stone/words/choosing';
import { DRAWBACK_WORDS, EDGE_NAMES } from '@pike-stone/words/picking';
import { formatRa, type UnitSystem } from '@pike-stone/words';
import { View } from 'react-native';
import { Row } from '../../kit/Row';
import type { Chosen } from './weigh-job';

type Ranked = Chosen['ranked'][number];

/** What a tool of the drawer would do in the job, as short as it is said. */
function sayRanked({ drawback, tooRough, faults, judged, item }: Ranked, units: UnitSystem): string {
  const parts = [
    EDGE_NAMES[item.body.material],
    drawback && DRAWBACK_WORDS[drawback],
    faults[0] && MILL_FAULT_WORDS[faults[0]],
    tooRough && judged?.raUm && `Ra ${formatRa(judged.raUm, units)}: rougher than wanted`,
    judged && `${formatMoney(judged.costPerPart)} a part`,
  ];
  return parts.filter((text): text is string => Boolean(text)).join(' · ');
}

/** Tools of the drawer for the job, the pick first. */
export function Ranking({
  ranked,
  pickId,
  units,
  onTake,
}: {
  ranked: readonly Ranked[];
  pickId: string | null;
  units: UnitSystem;
  onTake: (toolId: string) => void;
}) {
  return (
    <View>
      {ranked.map((one) => (
        <Row
          key={one.item.id}
          title={one.item.body.name}
          about={sayRanked(one, units)}
          chosen={one.item.id === pickId}
          quiet={one.rank > 0}
          onPress={() => onTake(one.item.id)}
        />
      ))}
    </View>
  );
}
