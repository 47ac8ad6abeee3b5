import { USUAL_DOUBT_MM, identifyGear, type GearCandidate } from '@pike-stone/core/form';
import { unlessRefused } from '@pike-stone/core';
import { sayCandidate, sayHowSure, sayResiduals } from '@pike-stone/words/form';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Row } from '../../../kit/Row';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { useFigures } from '../../figures/useFigures';

/** Candidates that are shown. */
const SHOWN = 5;
/** A score from which even the best candidate does not fit. */
const FAR_OFF = 60;

/** Candidates for a gear from its teeth, its outside diameter and one or two spans. */
export function FindGear({ teeth, onTake }: { teeth: number; onTake: (one: GearCandidate) => void }) {
  const units = useUnits();
  const figures = useFigures(
    [
      { key: 'teeth', label: 'Teeth counted', kind: 'whole', low: 6, high: 2000, start: String(teeth) },
      { key: 'outside', label: 'Outside diameter', kind: 'size', low: 1, high: 2000 },
      {
        key: 'over',
        label: 'Teeth in the span',
        kind: 'whole',
        low: 2,
        high: 200,
        start: String(Math.max(2, Math.round(teeth / 9 + 0.5))),
      },
      {
        key: 'span',
        label: 'Span over them',
        kind: 'size',
        low: 0.2,
        high: 1000,
        about: 'by caliper across so many teeth, the smallest reading',
      },
      {
        key: 'next',
        label: 'Span over one tooth more',
        kind: 'size',
        low: 0.2,
        high: 1000,
        optional: true,
        about: 'tells the pressure angle',
      },
    ],
    { keptAs: 'find-gear' },
  );
  const [count, outside, over, span, next] = (['teeth', 'outside', 'over', 'span', 'next'] as const).map(
    (key) => figures.peek(key)?.[0],
  );
  const spans =
    over === undefined || span === undefined
      ? []
      : [
          { teeth: over, lengthMm: span },
          ...(next === undefined ? [] : [{ teeth: over + 1, lengthMm: next }]),
        ];
  const found =
    count !== undefined && outside !== undefined && spans.length > 0
      ? unlessRefused(
          () => identifyGear({ teeth: count, outsideMm: outside, spans, doubtMm: USUAL_DOUBT_MM }),
          null,
        )
      : null;
  const best = found?.[0];
  return (
    <View>
      <View style={styles.pad}>
        {figures.boxes}
        {best && <Words role="strong">{sayHowSure(found, spans.length)}</Words>}
        {best && best.score > FAR_OFF && (
          <Words role="fault">
            Nothing fits well: count the teeth and measure the spans again, or it is a gear of another kind.
          </Words>
        )}
      </View>
      {found?.slice(0, SHOWN).map((one) => (
        <Row
          key={`${one.system}${one.size}${one.gear.rack.pressureAngleDeg}${one.gear.rack.addendum}${one.gear.shift}`}
          title={sayCandidate(one)}
          about={sayResiduals(one, units)}
          onPress={() => onTake(one)}
        />
      ))}
    </View>
  );
}

const styles = sheet({ pad: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.near, gap: SPACE.near } });
