import { material, OutOfRange } from '@pike-stone/core';
import { grooveInCut, usualGroove, type ChipGroove } from '@pike-stone/core/grind';
import { sayGroove } from '@pike-stone/words/grind';
import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Panel } from '../../../kit/Panel';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { useColours } from '../../../theme/theme';
import { SPACE } from '../../../theme/type';
import { lengthText } from '../../figures/read-figure';
import { useFigures } from '../../figures/useFigures';
import type { Bit } from '../use-bit';

/** Feed, depth and metal that a chip is told for when the bit is for any cut. */
const USUAL_CUT = { depthMm: 1, feedMm: 0.15 } as const;
const USUAL_METAL = 'medium-carbon';
type CutOfBit = { readonly depthMm: number; readonly feedMm: number };

/** The groove ground behind the edge: its sizes, the chip it makes, how its rake falls, when to recut. */
export function GroovePanel({ bit, onClose }: { bit: Bit; onClose: () => void }) {
  const units = useUnits();
  const { body, change } = bit;
  const cut = body.use ?? USUAL_CUT;
  const start = body.groove ?? usualGroove(cut.feedMm);
  const field = (key: 'land' | 'width' | 'radius', label: string, mm: number, low: number, about: string) =>
    ({ key, label, kind: 'size', low, high: 100, start: lengthText(mm, units), about }) as const;
  const figures = useFigures(
    [
      field('land', 'Land, edge to groove', start.landMm, 0.02, 'About the feed; hone it.'),
      field('width', 'Width of the groove', start.widthMm, 0.2, 'Usually 1.5 to 3 mm.'),
      field('radius', 'Radius of the stone', start.radiusMm, 0.2, 'More than half the width.'),
    ],
    { atOnce: true },
  );
  const [landMm, widthMm, radiusMm] = (['land', 'width', 'radius'] as const).map(
    (key) => figures.peek(key)?.[0],
  );
  const groove = landMm && widthMm && radiusMm ? { landMm, widthMm, radiusMm } : null;
  const told = groove && tell(bit, groove, cut);
  const said = told && !('fault' in told) ? sayGroove(told, cut, units) : null;
  const set = () => {
    if (!figures.take() || !groove || !told || 'fault' in told) return;
    change({ groove }, 'Chip breaker changed.');
    onClose();
  };
  return (
    <Panel
      title="Chip breaker"
      onClose={onClose}
      footer={
        <>
          {body.groove && (
            <Button
              label="None"
              onPress={() => {
                change({ groove: null }, 'No chip breaker.');
                onClose();
              }}
            />
          )}
          <Button kind="main" label="Set" onPress={set} style={styles.grow} />
        </>
      }
    >
      <View style={styles.body}>
        {groove && told && !('fault' in told) && (
          <GrooveSection groove={groove} rakeDeg={told.flatRakeDeg} wedgeDeg={told.wedgeDeg} />
        )}
        {figures.boxes}
        {told && 'fault' in told && <Words role="fault">{told.fault}</Words>}
        {said && (
          <View testID="groove-says" style={styles.says}>
            <Words role="strong">{said.chip}</Words>
            {said.more.map((line) => (
              <Words key={line}>{line}</Words>
            ))}
            <Words role="note">
              Groove first, then the flank: the flank sets the land exactly and takes the burr away. Let the
              groove run out where the chip leaves.
            </Words>
          </View>
        )}
      </View>
    </Panel>
  );
}

/** What a groove does at a cut, or why it cannot be. */
function tell({ body, plan }: Bit, groove: ChipGroove, cut: CutOfBit) {
  try {
    return grooveInCut(plan, groove, cut, material(body.metalKey ?? USUAL_METAL));
  } catch (error) {
    if (error instanceof OutOfRange)
      return { fault: 'The groove must be narrower than the round of the stone: under twice its radius.' };
    throw error;
  }
}

const DRAWN = { width: 320, height: 96, mm: 5.2 } as const;

/** The section square to the edge, to scale. */
function GrooveSection({
  groove,
  rakeDeg,
  wedgeDeg,
}: {
  groove: ChipGroove;
  rakeDeg: number;
  wedgeDeg: number;
}) {
  const c = useColours();
  const scale = DRAWN.width / DRAWN.mm;
  const [x0, y0] = [16, 26];
  const rake = (rakeDeg * Math.PI) / 180;
  const flank = ((rakeDeg + wedgeDeg) * Math.PI) / 180;
  // u along the flat face inward, which falls by the rake.
  const at = (u: number): string =>
    `${(x0 + u * Math.cos(rake) * scale).toFixed(1)} ${(y0 + u * Math.sin(rake) * scale).toFixed(1)}`;
  const { landMm, widthMm, radiusMm } = groove;
  const r = radiusMm * scale;
  const bottom = `${(x0 + 1.1 * Math.cos(flank) * scale).toFixed(1)} ${(y0 + 1.1 * Math.sin(flank) * scale).toFixed(1)}`;
  return (
    <View role="img" aria-label="The groove in section, square to the edge">
      <Svg width={DRAWN.width} height={DRAWN.height}>
        <Path
          d={`M${bottom}L${at(0)}L${at(landMm)}A${r} ${r} 0 0 0 ${at(landMm + widthMm)}L${at(DRAWN.mm - 0.6)}L${DRAWN.width - 20} ${DRAWN.height}L${bottom}Z`}
          fill={c.wash}
          stroke={c.ink}
          strokeWidth={1.4}
        />
      </Svg>
    </View>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  body: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
  says: { gap: SPACE.close },
});
