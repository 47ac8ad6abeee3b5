import type { Profile } from '@pike-stone/core/form';
import { sayOutOfRange } from '@pike-stone/words';
import { sayDial, sayFillets, sayStops, sayTurnsBack } from '@pike-stone/words/form';
import { unparse } from 'papaparse';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { fileName, save } from '../../../kit/save-file';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { lengthText } from '../../figures/read-figure';
import { BigFigures } from '../../grind/steps/StepFigures';
import { CuspPicture } from './CuspPicture';
import { SlidePicture } from './SlidePicture';
import { useSlideTable, type MadeTable } from './use-slide-table';

/** Stops of a round wheel along the form in the terms of the dials: one at a time, large, with the picture. */
export function SlideTable({ profile, name }: { profile: Profile; name: string }) {
  const { boxes, refused, fitsNowhere, made, go } = useSlideTable(profile, name);
  return (
    <Sheet>
      <View style={styles.box} testID="slide-table">
        <Words role="heading">Slide table</Words>
        {refused && <Words role="fault">{sayOutOfRange(refused)}</Words>}
        {fitsNowhere && (
          <Words role="fault">
            This wheel fits nowhere on the form without cutting into another part of it: take a smaller one.
          </Words>
        )}
        {made && <Leaves profile={profile} made={made} />}
      </View>
      {made && <OneStop made={made} onGo={go} />}
      <View style={styles.box}>
        <View style={styles.pair}>
          {boxes.map((box, i) => (
            <View key={i} style={styles.half}>
              {box}
            </View>
          ))}
        </View>
        <Words role="note">
          X and Y are counted from the first stop; approach every stop the same way, so that the play of the
          screws lies on one side.
        </Words>
        {made && <WholeTable name={name} made={made} />}
      </View>
    </Sheet>
  );
}

/** The form with the wheel at its stops, the cusps around the next one, and what the table leaves. */
function Leaves({ profile, made }: { profile: Profile; made: MadeTable }) {
  const units = useUnits();
  const { stops, read, at, stoneMm, cuspMm } = made;
  const fillets = sayFillets(stops.fillets, cuspMm, stoneMm, units);
  return (
    <>
      <SlidePicture profile={profile} stops={stops.stops} at={at} stoneMm={stoneMm} />
      <CuspPicture profile={profile} stops={stops.stops} at={at} stoneMm={stoneMm} cuspMm={cuspMm} />
      <Words>{sayStops(stops.stops.length, cuspMm, read.roundingMm, units)}</Words>
      {fillets !== null && <Words>{fillets}</Words>}
      {stops.leftOut + stops.passedOver > 0 && (
        <Caution level="caution">
          This wheel does not reach all of the form: where it would cut into another part there is no stop.
          Take a smaller one.
        </Caution>
      )}
    </>
  );
}

/** The next stop, large, and the way to the one before and after. */
function OneStop({ made: { read, at }, onGo }: { made: MadeTable; onGo: (to: number) => void }) {
  const units = useUnits();
  const now = read.stops[at]!;
  const turnsBack = sayTurnsBack(now);
  return (
    <>
      <BigFigures
        shown={[
          {
            label: `Stop ${at + 1} of ${read.stops.length}: X`,
            figure: lengthText(now.xMm, units),
            about: sayDial(now.x),
          },
          { label: 'Y', figure: lengthText(now.yMm, units), about: sayDial(now.y) },
        ]}
      />
      {turnsBack !== null && <Caution level="note">{turnsBack}</Caution>}
      <View style={[styles.buttons, styles.stepping]}>
        <Button label="Back" says="One stop back" disabled={at === 0} onPress={() => onGo(at - 1)} />
        <Button
          label="Next stop"
          disabled={at === read.stops.length - 1}
          onPress={() => onGo(at + 1)}
          style={styles.grow}
        />
      </View>
    </>
  );
}

/** The table as rows of a CSV file. */
const csvOf = ({ read }: MadeTable): string =>
  unparse(
    read.stops.map(({ xMm, yMm, x, y }, i) => ({
      stop: i + 1,
      x_mm: xMm.toFixed(4),
      y_mm: yMm.toFixed(4),
      x_turns: x.turns,
      x_mark: x.mark,
      y_turns: y.turns,
      y_mark: y.mark,
    })),
  );

/** Every stop in a list, opened by touch, and the table as a file. */
function WholeTable({ name, made }: { name: string; made: MadeTable }) {
  const units = useUnits();
  const [open, setOpen] = useState(false);
  const keep = () =>
    save(new Blob([`${csvOf(made)}\n`], { type: 'text/csv' }), `${fileName(name)} slide table.csv`);
  return (
    <>
      <View style={styles.buttons}>
        <Button label={open ? 'Close the table' : 'The whole table'} onPress={() => setOpen(!open)} />
        <Button label="As CSV" onPress={keep} />
      </View>
      {open && (
        <View>
          {made.read.stops.map(({ xMm, yMm, x, y }, i) => (
            <Words key={i} role={i === made.at ? 'strong' : 'body'} style={styles.row}>
              {`${i + 1}.  X ${lengthText(xMm, units)} (${sayDial(x)})   Y ${lengthText(yMm, units)} (${sayDial(y)})`}
            </Words>
          ))}
        </View>
      )}
    </>
  );
}

const styles = sheet({
  box: { padding: SPACE.edge, gap: SPACE.close },
  grow: { flex: 1 },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.close },
  stepping: { padding: SPACE.edge },
  pair: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.near },
  half: { flexGrow: 1, flexBasis: 150 },
  row: { fontVariant: ['tabular-nums'] },
});
