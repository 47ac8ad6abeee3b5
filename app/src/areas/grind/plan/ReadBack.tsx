import {
  COOLING_SHARE,
  DRESS_FACTOR,
  grindTime,
  RATE_BY_GRIT,
  type BitRead,
  type FaceRead,
  type Reading,
} from '@pike-stone/core/grind';
import { formatAngle, formatLength, joined } from '@pike-stone/words';
import { STEP_NAMES } from '@pike-stone/words/grind';
import { StyleSheet, View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { useFaceColours } from '../../../theme/face-colours';
import { themed } from '../../../theme/theme';
import { CORNER, FONT, SIZE, SPACE } from '../../../theme/type';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';

const PLANE = { 'across-shank': 'across', 'along-shank': 'along' } as const;

/** What a protractor reads on the solid, face by face in the order of grinding, each in its colour. */
export function ReadBack({ read }: { read: BitRead }) {
  const units = useUnits();
  const styles = useStyles();
  const faces = useFaceColours();
  const shown = read.steps.filter(({ key }) => key !== 'hone');
  return (
    <Sheet>
      <View style={styles.pad}>
        <Words role="heading">Read on the solid</Words>
        {shown.map(({ key, face, readings, removedMm3 }, i) => (
          <View key={key} style={styles.line}>
            <View style={[styles.chip, { backgroundColor: faces.ofStep(i) }]} />
            <Words style={styles.name}>{`${i + 1}. ${STEP_NAMES[key]}`}</Words>
            <Words style={styles.figure}>
              {sayFace(face, readings, removedMm3, (mm) => formatLength(mm, units).figure)}
            </Words>
          </View>
        ))}
        <Words role="note">{summary(read, (mm) => joined(formatLength(mm, units)))}</Words>
      </View>
    </Sheet>
  );
}

/** What is read on one face: its angles, the radius of a round one, or what it took. */
function sayFace(
  face: FaceRead | null,
  readings: readonly Reading[],
  removedMm3: number,
  size: (mm: number) => string,
): string {
  if (face === null) return 'gone';
  if (readings.length > 1)
    return readings.map(({ plane, deg }) => `${formatAngle(deg, 1)} ${PLANE[plane]}`).join(', ');
  if (readings[0]) return formatAngle(readings[0].deg, 1);
  return face.hollow ? `R ${size(face.hollow.radiusMm)}` : `${Math.round(removedMm3)} mm³`;
}

/** Minutes that the stock takes on a 60 grit wheel in use: typical. */
const minutes = (removedMm3: number): number =>
  grindTime(removedMm3, RATE_BY_GRIT[60], DRESS_FACTOR.inUse, COOLING_SHARE).totalMin;

/** Wedge, weakest section and hollow in one line. */
function summary(
  { wedgeDeg, least, blank, steps, removedMm3 }: BitRead,
  size: (mm: number) => string,
): string {
  const hollow = Math.max(
    0,
    ...steps.map(({ face, readings }) => (readings.length > 0 ? (face?.hollow?.sagittaMm ?? 0) : 0)),
  );
  return [
    wedgeDeg === null ? null : `wedge ${formatAngle(wedgeDeg, 0)} square to the edge`,
    `least section ${Math.round((100 * least.areaMm2) / blank.areaMm2)} % of the blank, ${size(-least.atMm)} behind the end`,
    hollow > 0 ? `hollow ${size(hollow)} deep` : null,
    `about ${Math.max(1, Math.round(minutes(removedMm3)))} minutes at the wheel with the pauses`,
  ]
    .filter((part) => part !== null)
    .join('; ')
    .concat('.')
    .replace(/^./, (letter) => letter.toUpperCase());
}

const useStyles = themed((c) =>
  StyleSheet.create({
    pad: { padding: SPACE.edge, gap: SPACE.close },
    line: { flexDirection: 'row', alignItems: 'center', gap: SPACE.close },
    chip: { width: 18, height: 18, borderRadius: CORNER, borderWidth: 1, borderColor: c.strongLine },
    name: { flex: 1 },
    figure: { fontFamily: FONT.figures, fontWeight: '600', fontSize: SIZE.body, color: c.ink },
  }),
);
