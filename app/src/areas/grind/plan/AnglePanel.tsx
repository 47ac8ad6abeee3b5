import { anglesForMetal, BIT_ANGLE_LIMITS, type BitAngles } from '@pike-stone/core/grind';
import { formatAngle } from '@pike-stone/words';
import { ANGLE_WORDS } from '@pike-stone/words/grind';
import { View } from 'react-native';
import { Button } from '../../../kit/Button';
import { Panel } from '../../../kit/Panel';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { useFigures } from '../../figures/useFigures';
import type { Bit } from '../use-bit';

const RANGED = ['sideRakeDeg', 'backRakeDeg', 'sideClearanceDeg', 'frontClearanceDeg'] as const;

/** Usual range of an angle for the metal of the bit; null where it has none. */
function usualRange(angle: keyof BitAngles, metalKey: string | null): string | null {
  const metal = metalKey === null ? null : anglesForMetal(metalKey);
  const key = RANGED.find((one) => one === angle);
  if (!metal || !key) return null;
  const [least, usual, most] = metal[key];
  return `Usual for this metal: ${formatAngle(least, 0)} to ${formatAngle(most, 0)}, to begin with ${formatAngle(usual, 0)} (typical).`;
}

/** One angle of a bit: its figure, its reason, and what too much or too little of it does. */
export function AnglePanel({
  angle,
  bit,
  onClose,
}: {
  angle: keyof BitAngles;
  bit: Bit;
  onClose: () => void;
}) {
  const words = ANGLE_WORDS[angle];
  const [low, high] = BIT_ANGLE_LIMITS[angle];
  const { angles, metalKey } = bit.body;
  const figures = useFigures([
    {
      key: 'deg',
      label: 'Degrees',
      kind: 'number',
      low,
      high,
      start: String(Number(angles[angle].toFixed(2))),
    },
  ]);
  const set = () => {
    const read = figures.take();
    if (!read) return;
    bit.change({ angles: { ...angles, [angle]: read.deg[0]! } }, `${words.name} changed.`);
    onClose();
  };
  const usual = usualRange(angle, metalKey);
  return (
    <Panel
      title={words.name}
      onClose={onClose}
      footer={<Button kind="main" label="Set" onPress={set} style={styles.grow} />}
    >
      <View style={styles.body}>
        {figures.boxes}
        {usual && <Words>{usual}</Words>}
        <Words>{words.why}</Words>
        <Words>
          <Words role="strong">Too much: </Words>
          {words.tooMuch}
        </Words>
        <Words>
          <Words role="strong">Too little: </Words>
          {words.tooLittle}
        </Words>
      </View>
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  body: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
});
