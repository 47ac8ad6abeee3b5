import type { WheelEntryBody } from '@pike-stone/contract';
import { capital, formatAngle, formatLength, joined, type UnitSystem } from '@pike-stone/words';
import { DRESS_WORDS, sayDressWhy } from '@pike-stone/words/wheel';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { dayOf } from '../../../kit/day';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import type { ShownWheel } from './use-wheels';

function sayEntry(body: WheelEntryBody, units: UnitSystem): string {
  const size = (mm: number) => joined(formatLength(mm, units));
  switch (body.act) {
    case 'dressed':
      return `${DRESS_WORDS[body.how].name.toLowerCase()}, ${sayDressWhy(body.why)}, ${size(body.depthMm)} off the radius`;
    case 'mounted':
      return `mounted, rest ${size(body.restGapMm)} and tongue ${size(body.tongueGapMm)} off`;
    case 'measured':
      return 'measured';
    case 'rest-set':
      return `rest set to ${formatAngle(body.tiltDeg, 1)}`;
  }
}

/** What was done to a wheel, newest first. */
export function DressBook({ wheel: { use } }: { wheel: ShownWheel }) {
  const units = useUnits();
  if (use.book.length === 0) return null;
  return (
    <Sheet>
      <View style={styles.box} testID="dress-book">
        <Words role="heading">Dress book</Words>
        {use.book.map(({ id, body }) => (
          <View key={id}>
            <Words role="strong">
              {`${dayOf(body.at)}: ${joined(formatLength(body.diameterMm, units))}`}
            </Words>
            <Words>{`${capital(sayEntry(body, units))}.${body.note ? ` ${body.note}` : ''}`}</Words>
          </View>
        ))}
      </View>
    </Sheet>
  );
}

const styles = sheet({ box: { padding: SPACE.edge, gap: SPACE.close } });
