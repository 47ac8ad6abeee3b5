import { OutOfRange } from '@pike-stone/core';
import { dialStops, slideStops, type Profile, type SlideStops } from '@pike-stone/core/form';
import { sayOutOfRange } from '@pike-stone/words';
import { sayDial, sayFillets, sayStops, sayTurnsBack } from '@pike-stone/words/form';
import { unparse } from 'papaparse';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { draftsNamed } from '../../../data/drafts';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { fileName, save } from '../../../kit/save-file';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { lengthText } from '../../figures/read-figure';
import { useFigures } from '../../figures/useFigures';
import { BigFigures } from '../../grind/steps/StepFigures';
import { CuspPicture } from './CuspPicture';
import { SlidePicture } from './SlidePicture';

/** Which stop is next, by the table it belongs to; it survives a reload. */
const useStopAt = draftsNamed<number>('pike-slide-stop');

/** A stone to begin with where nothing limits it, mm. */
const USUAL_STONE_MM = 3;
const USUAL_CUSP_MM = 0.005;

/** Stops of the wheel, or why there are none. */
function tableOf(
  profile: Profile,
  stoneMm: number,
  cuspMm: number,
): { stops: SlideStops | null; refused: OutOfRange | null } {
  try {
    return { stops: slideStops(profile, stoneMm, cuspMm), refused: null };
  } catch (error) {
    if (error instanceof OutOfRange) return { stops: null, refused: error };
    throw error;
  }
}

/** Stops of a round wheel along the form in the terms of the dials: one at a time, large, with the picture. */
export function SlideTable({
  profile,
  name,
  largestMm,
}: {
  profile: Profile;
  name: string;
  largestMm: number;
}) {
  const units = useUnits();
  const start = Number.isFinite(largestMm) ? Math.floor(largestMm * 20) / 20 || largestMm : USUAL_STONE_MM;
  const figures = useFigures(
    [
      {
        key: 'stone',
        label: 'Radius of the wheel or stone',
        kind: 'size',
        low: 0.05,
        high: 150,
        start: lengthText(start, units),
      },
      {
        key: 'cusp',
        label: 'Cusp left between stops',
        kind: 'size',
        low: 0.0005,
        high: 0.5,
        start: lengthText(USUAL_CUSP_MM, units),
      },
      {
        key: 'turn',
        label: 'One turn of the X screw moves',
        kind: 'size',
        low: 0.2,
        high: 20,
        start: units === 'mm' ? '2' : '0.1',
      },
      { key: 'marks', label: 'Marks on the X dial', kind: 'whole', low: 10, high: 1000, start: '100' },
      {
        key: 'turnY',
        label: 'One turn of the Y screw moves',
        kind: 'size',
        low: 0.2,
        high: 20,
        optional: true,
        about: 'empty: as X',
      },
      {
        key: 'marksY',
        label: 'Marks on the Y dial',
        kind: 'whole',
        low: 10,
        high: 1000,
        optional: true,
        about: 'empty: as X',
      },
    ],
    { keptAs: `slides ${name}`, atOnce: true },
  );
  const [stone, cusp, turn, marks, turnY = turn, marksY = marks] = (
    ['stone', 'cusp', 'turn', 'marks', 'turnY', 'marksY'] as const
  ).map((key) => figures.peek(key)?.[0]);
  const ready = stone !== undefined && cusp !== undefined && turn !== undefined && marks !== undefined;
  const table = useMemo(
    () => (stone !== undefined && cusp !== undefined ? tableOf(profile, stone, cusp) : null),
    [profile, stone, cusp],
  );
  const stops = table?.stops ?? null;
  const read = useMemo(
    () =>
      stops && turn !== undefined && marks !== undefined && turnY !== undefined && marksY !== undefined
        ? dialStops(stops.stops, { turnMm: turn, marks }, { turnMm: turnY, marks: marksY })
        : null,
    [stops, turn, marks, turnY, marksY],
  );
  const [open, setOpen] = useState(false);
  const key = `${name} ${stone} ${cusp}`;
  const at = Math.min(
    useStopAt((state) => state.drafts[key]) ?? 0,
    Math.max(0, (stops?.stops.length ?? 1) - 1),
  );
  const go = (to: number) => useStopAt.getState().keep(key, to);
  const now = read?.stops[at];
  const fillets = stops && ready ? sayFillets(stops.fillets, cusp, stone, units) : null;
  const turnsBack = now ? sayTurnsBack(now) : null;
  const csv = () => {
    if (!read) return;
    const rows = read.stops.map(({ xMm, yMm, x, y }, i) => ({
      stop: i + 1,
      x_mm: xMm.toFixed(4),
      y_mm: yMm.toFixed(4),
      x_turns: x.turns,
      x_mark: x.mark,
      y_turns: y.turns,
      y_mark: y.mark,
    }));
    save(new Blob([`${unparse(rows)}\n`], { type: 'text/csv' }), `${fileName(name)} slide table.csv`);
  };
  return (
    <Sheet>
      <View style={styles.box} testID="slide-table">
        <Words role="heading">Slide table</Words>
        {table?.refused && <Words role="fault">{sayOutOfRange(table.refused)}</Words>}
        {stops && ready && (
          <>
            <SlidePicture profile={profile} stops={stops.stops} at={at} stoneMm={stone} />
            <CuspPicture profile={profile} stops={stops.stops} at={at} stoneMm={stone} cuspMm={cusp} />
          </>
        )}
        {stops && read && (
          <Words>
            {[sayStops(stops.stops.length, cusp!, read.roundingMm, units), fillets].filter(Boolean).join(' ')}
          </Words>
        )}
        {stops && stops.leftOut + stops.passedOver > 0 && (
          <Caution level="caution">
            This wheel does not reach all of the form: where it would cut into another part there is no stop.
            Take a smaller one.
          </Caution>
        )}
      </View>
      {now && (
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
            <Button label="Back" says="One stop back" disabled={at === 0} onPress={() => go(at - 1)} />
            <Button
              label="Next stop"
              disabled={at === read.stops.length - 1}
              onPress={() => go(at + 1)}
              style={styles.grow}
            />
          </View>
        </>
      )}
      <View style={styles.box}>
        <View style={styles.pair}>
          {figures.boxes.map((box, i) => (
            <View key={i} style={styles.half}>
              {box}
            </View>
          ))}
        </View>
        <Words role="note">
          X and Y are counted from the first stop; approach every stop the same way, so that the play of the
          screws lies on one side.
        </Words>
        <View style={styles.buttons}>
          <Button label={open ? 'Close the table' : 'The whole table'} onPress={() => setOpen(!open)} />
          <Button label="As CSV" onPress={csv} />
        </View>
        {open && read && (
          <View>
            {read.stops.map(({ xMm, yMm, x, y }, i) => (
              <Words key={i} role={i === at ? 'strong' : 'body'} style={styles.row}>
                {`${i + 1}.  X ${lengthText(xMm, units)} (${sayDial(x)})   Y ${lengthText(yMm, units)} (${sayDial(y)})`}
              </Words>
            ))}
          </View>
        )}
      </View>
    </Sheet>
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
