import type { Density } from '@pike-stone/core/identify';
import { unitOf } from '@pike-stone/words';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Choice } from '../../../kit/Choice';
import { Sheet } from '../../../kit/Screen';
import { TextBox } from '../../../kit/TextBox';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { FromInstrument } from '../../machine/instruments/FromInstrument';
import { SIZES, type Weighed } from './evidence';

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
  const typed = sizes.map((_, i) => weighed.sizes[i] ?? '');
  const open = typed.findIndex((text) => text.trim() === '');
  const put = (at: number, size: string) =>
    onChange({ sizes: typed.map((text, i) => (i === at ? size : text)) });
  return (
    <Sheet>
      <View style={styles.group} id="look-weigh">
        <Words role="heading">{isNext ? 'Weigh and measure: tells most next' : 'Weigh and measure'}</Words>
        <Choice
          says="Shape"
          value={weighed.kind}
          onChange={(kind) => onChange({ kind, sizes: [] })}
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
          {sizes.map((label, i) => (
            <TextBox
              key={label}
              label={`${label}, ${unitOf(units)}`}
              figures
              value={typed[i]!}
              onChange={(text) => put(i, text)}
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
      {open >= 0 && <FromInstrument kind="caliper" near={10} onTake={(mm) => put(open, `${mm} mm`)} />}
    </Sheet>
  );
}

const styles = sheet({
  group: { padding: SPACE.edge, gap: SPACE.close },
  row: { flexDirection: 'row', gap: SPACE.close, flexWrap: 'wrap' },
});
