import { frictionWheel } from '@pike-stone/core/drive';
import { View } from 'react-native';
import { Button } from '../../../kit/Button';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { surely } from './measures';
import type { WayProps } from './way-props';
import { useFigures } from '../../figures/useFigures';

/** Uncertainties of the sizes, the counted turns, the watch started by hand and the creep of the wheel. */
const U = { sizeMm: 0.2, turns: 0.5, seconds: 0.2, creepPercent: 0.3 } as const;

/** Measures a speed with a wheel of known size rolled on a plain rim, its turns counted. */
export function WheelWay({ onTake }: WayProps) {
  const figures = useFigures([
    { key: 'wheel', label: 'Diameter of the wheel', kind: 'size', low: 10, high: 500 },
    { key: 'rim', label: 'Diameter of the rim it rolls on', kind: 'size', low: 10, high: 2_000 },
    {
      key: 'turns',
      label: 'Turns of the wheel, 100 or more are good',
      kind: 'number',
      low: 10,
      high: 100_000,
    },
    { key: 'seconds', label: 'Seconds', kind: 'number', low: 1, high: 3_600 },
    { key: 'creep', label: 'Creep of the wheel, percent', kind: 'number', low: 0, high: 5, start: '0.5' },
  ]);
  const take = () => {
    const read = figures.take();
    if (!read) return;
    const { rpm, uRel } = frictionWheel({
      wheelMm: { value: read.wheel[0]!, u: U.sizeMm },
      workMm: { value: read.rim[0]!, u: U.sizeMm },
      turns: { value: read.turns[0]!, u: U.turns },
      timeS: { value: read.seconds[0]!, u: U.seconds },
      slipPercent: { value: read.creep[0]!, u: U.creepPercent },
    });
    onTake({ rpm, uRel: surely(uRel), how: 'friction-wheel' });
  };
  return (
    <View style={styles.way}>
      {figures.boxes}
      <Button kind="main" label="Take this measure" onPress={take} />
    </View>
  );
}

const styles = sheet({ way: { padding: SPACE.edge, gap: SPACE.near } });
