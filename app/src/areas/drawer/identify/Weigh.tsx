import type { Density } from '@pike-stone/core/identify';
import { unitOf } from '@pike-stone/words';
import { StyleSheet, View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Choice } from '../../../kit/Choice';
import { Sheet } from '../../../kit/Screen';
import { TextBox } from '../../../kit/TextBox';
import { Words } from '../../../kit/Words';
import { SPACE } from '../../../theme/type';
import { FromInstrument } from '../../machine/instruments/FromInstrument';
import type { Weighed } from './evidence';

type Size = 'a' | 'b' | 'c';
const SIZES: Readonly<Record<Weighed['kind'], readonly (readonly [Size, string])[]>> = {
  cylinder: [
    ['a', 'Diameter'],
    ['b', 'Length'],
  ],
  block: [
    ['a', 'Width'],
    ['b', 'Height'],
    ['c', 'Length'],
  ],
  'hung-in-water': [],
};

/** Weight and size of the cutter, or its weight in air and in water, typed or taken from balance and caliper. */
export function Weigh({
  weighed,
  density,
  fault,
  isNext,
  onChange,
}: {
  weighed: Weighed;
  density: Density | null;
  fault: string | null;
  isNext: boolean;
  onChange: (change: Partial<Weighed>) => void;
}) {
  const units = useUnits();
  const sizes = SIZES[weighed.kind];
  const open = sizes.find(([key]) => weighed[key].trim() === '');
  return (
    <Sheet>
      <View style={styles.group} id="look-weigh">
        <Words role="heading">{isNext ? 'Weigh and measure: tells most next' : 'Weigh and measure'}</Words>
        <Choice
          says="Shape"
          value={weighed.kind}
          onChange={(kind) => onChange({ kind, a: '', b: '', c: '' })}
          options={[
            { value: 'cylinder', label: 'Plain rod' },
            { value: 'block', label: 'Square or flat' },
            { value: 'hung-in-water', label: 'Hung in water' },
          ]}
          about="Flutes, relief or a brazed body: hang it in water on a thread."
        />
        <View style={styles.row}>
          <TextBox
            label="Weight, g"
            figures
            value={weighed.massG}
            onChange={(massG) => onChange({ massG })}
          />
          {sizes.map(([key, label]) => (
            <TextBox
              key={key}
              label={`${label}, ${unitOf(units)}`}
              figures
              value={weighed[key]}
              onChange={(text) => onChange({ [key]: text })}
            />
          ))}
          {weighed.kind === 'hung-in-water' && (
            <TextBox
              label="Weight in water, g"
              figures
              value={weighed.inWaterG}
              onChange={(inWaterG) => onChange({ inWaterG })}
            />
          )}
        </View>
        {fault && <Words role="fault">{fault}</Words>}
        {density && (
          <Words testID="density">
            {`${density.gCm3.toFixed(2)} ± ${(2 * density.uGCm3).toFixed(2)} g/cm³`}
          </Words>
        )}
      </View>
      <FromInstrument
        kind="balance"
        near={null}
        onTake={(massG) =>
          onChange(
            weighed.kind === 'hung-in-water' && weighed.massG !== ''
              ? { inWaterG: String(massG) }
              : { massG: String(massG) },
          )
        }
      />
      {open && (
        <FromInstrument kind="caliper" near={10} onTake={(mm) => onChange({ [open[0]]: `${mm} mm` })} />
      )}
    </Sheet>
  );
}

const styles = StyleSheet.create({
  group: { padding: SPACE.edge, gap: SPACE.close },
  row: { flexDirection: 'row', gap: SPACE.close, flexWrap: 'wrap' },
});
