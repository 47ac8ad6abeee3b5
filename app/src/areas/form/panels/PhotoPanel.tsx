import { BANK_CARD_MM, planeOfPhoto, type FourPoints, type PlanePoint } from '@pike-stone/core/form';
import { unlessRefused } from '@pike-stone/core';
import { sayBankCard, sayFine } from '@pike-stone/words/form';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Bar } from '../../../kit/Bar';
import { Button } from '../../../kit/Button';
import { Panel } from '../../../kit/Panel';
import { pickFile } from '../../../kit/pick-file';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import type { PhotoTrace } from '../../../workers/photo-pieces';
import { tracePhoto } from '../../../workers/photo-work';
import { lengthText } from '../../figures/read-figure';
import { useFigures } from '../../figures/useFigures';
import { openPhoto, type OpenPhoto } from './open-photo';
import { PhotoMarks } from './PhotoMarks';

/** What is marked, in order. */
const MARKS = [
  'Touch the lower left corner of the rectangle',
  'Its lower right corner',
  'Its upper right corner',
  'Its upper left corner',
  'Touch where the form begins, on its edge',
  'Touch where it ends',
] as const;
const CORNERS = 4;
const USUAL_TOLERANCE_MM = 0.02;

/** A photo with a known rectangle in it: four corners are marked, then where the form begins and ends. */
export function PhotoPanel({
  onTake,
  onClose,
}: {
  onTake: (points: readonly PlanePoint[], toleranceMm: number) => void;
  onClose: () => void;
}) {
  const units = useUnits();
  const [photo, setPhoto] = useState<OpenPhoto | null>(null);
  const [marks, setMarks] = useState<readonly PlanePoint[]>([]);
  const [trace, setTrace] = useState<PhotoTrace | null>(null);
  const [share, setShare] = useState<number | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const figures = useFigures([
    {
      key: 'width',
      label: 'Width of the known rectangle',
      kind: 'size',
      low: 2,
      high: 500,
      start: lengthText(BANK_CARD_MM.width, units),
      about: sayBankCard(units),
    },
    {
      key: 'height',
      label: 'Its height',
      kind: 'size',
      low: 2,
      high: 500,
      start: lengthText(BANK_CARD_MM.height, units),
    },
    {
      key: 'tolerance',
      label: 'Lines and arcs within',
      kind: 'size',
      low: 0.001,
      high: 1,
      start: lengthText(USUAL_TOLERANCE_MM, units),
    },
  ]);
  const [width, height, tolerance] = (['width', 'height', 'tolerance'] as const).map(
    (key) => figures.peek(key)?.[0],
  );
  const change = (next: readonly PlanePoint[]) => {
    setMarks(next);
    setTrace(null);
    setFault(null);
  };
  const open = async () => {
    const file = await pickFile('image/*');
    if (!file) return;
    change([]);
    try {
      setPhoto(await openPhoto(file));
    } catch (error) {
      setFault(error instanceof Error ? error.message : String(error));
    }
  };
  const corners = marks.length >= CORNERS ? (marks.slice(0, CORNERS) as unknown as FourPoints) : null;
  const places: FourPoints | null =
    width !== undefined && height !== undefined
      ? [
          [0, 0],
          [width, 0],
          [width, height],
          [0, height],
        ]
      : null;
  const plane = corners && places ? unlessRefused(() => planeOfPhoto(corners, places), null) : null;
  const badCorners = corners !== null && places !== null && plane === null;
  const follow = () => {
    const read = figures.take();
    if (!photo || !read || marks.length < CORNERS) {
      setFault('Without a scale a photo says nothing: mark the four corners of a rectangle of known size.');
      return;
    }
    if (!corners || !places || badCorners || marks.length < MARKS.length) return;
    setShare(0);
    tracePhoto(
      {
        ...photo,
        marks: corners,
        places,
        from: marks[CORNERS]!,
        to: marks[CORNERS + 1]!,
        toleranceMm: read.tolerance[0]!,
      },
      setShare,
    ).then(
      (found) => {
        setShare(null);
        setTrace(found);
      },
      (error: unknown) => {
        setShare(null);
        setFault(
          `No edge could be followed there: more light behind the part, or darker against a pale ground. (${error instanceof Error ? error.message : String(error)})`,
        );
      },
    );
  };
  const last = marks.at(-1);
  const nudge = (dx: number, dy: number) =>
    last && change([...marks.slice(0, -1), [last[0] + dx, last[1] + dy]]);
  return (
    <Panel
      title="From a photo"
      onClose={onClose}
      footer={
        trace && tolerance !== undefined ? (
          <Button
            kind="main"
            label="Take it"
            onPress={() => {
              onTake(trace.points, tolerance);
              onClose();
            }}
            style={styles.grow}
          />
        ) : photo ? (
          <Button kind="main" label="Trace" onPress={follow} disabled={share !== null} style={styles.grow} />
        ) : (
          <Button kind="main" label="Choose a photo" onPress={() => void open()} style={styles.grow} />
        )
      }
    >
      <View style={styles.pad}>
        <Words role="note">
          The part dark on a pale ground or the other way, a card or another rectangle of known size in the
          same plane, from far away and zoomed in, the form in the middle. The photo is not sent anywhere.
        </Words>
        {photo && (
          <>
            <Words role="strong" testID="photo-next">
              {trace
                ? `${trace.points.length} points followed; ${trace.pieces} lines and arcs within ${sayFine(tolerance ?? 0, units)}.`
                : (MARKS[marks.length] ?? 'Now trace it.')}
            </Words>
            <PhotoMarks
              photo={photo}
              marks={marks}
              traced={trace?.pixels ?? []}
              onMark={(point) => marks.length < MARKS.length && change([...marks, point])}
            />
            <View style={styles.buttons}>
              <Button
                label="Take back"
                disabled={marks.length === 0}
                onPress={() => change(marks.slice(0, -1))}
              />
              <Button label="←" says="One pixel left" disabled={!last} onPress={() => nudge(-1, 0)} />
              <Button label="→" says="One pixel right" disabled={!last} onPress={() => nudge(1, 0)} />
              <Button label="↑" says="One pixel up" disabled={!last} onPress={() => nudge(0, -1)} />
              <Button label="↓" says="One pixel down" disabled={!last} onPress={() => nudge(0, 1)} />
              <Button label="Another photo" onPress={() => void open()} />
            </View>
          </>
        )}
        {badCorners && (
          <Words role="fault">
            These four corners make no rectangle seen from above: lower left, lower right, upper right, upper
            left, in this order.
          </Words>
        )}
        {fault && <Words role="fault">{fault}</Words>}
        {share !== null && <Bar share={share} progressOf="Following the edge" />}
        {photo && figures.boxes}
      </View>
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  pad: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.close },
});
