import type { BitSizes } from '@pike-stone/core/grind';
import { SIZE_WORDS } from '@pike-stone/words/grind';
import { Keypad } from '../../../kit/Keypad';
import { FigurePanel } from '../../figures/FigurePanel';
import { lengthText } from '../../figures/read-figure';
import { useUnits } from '../../../data/preferences';
import type { Bit } from '../use-bit';
import type { BitMark } from './bit-marks';

const LIMITS: Readonly<Record<keyof BitSizes | 'noseRadiusMm', { lowMm: number; highMm: number }>> = {
  edgeMm: { lowMm: 0.5, highMm: 40 },
  widthMm: { lowMm: 0.3, highMm: 40 },
  bladeMm: { lowMm: 1, highMm: 80 },
  radiusMm: { lowMm: 0.2, highMm: 30 },
  flatMm: { lowMm: 0.01, highMm: 10 },
  noseRadiusMm: { lowMm: 0.05, highMm: 30 },
};

/** A size of a bit that is no angle: a length on the keypad, or a clearance that goes with a land. */
export function SizePanel({
  mark,
  bit,
  onClose,
}: {
  mark: Exclude<BitMark, keyof Bit['body']['angles']>;
  bit: Bit;
  onClose: () => void;
}) {
  const units = useUnits();
  const { body, change } = bit;
  if (mark === 'trailingDeg')
    return (
      <FigurePanel
        title="Trailing clearance"
        about="The trailing flank loses no clearance to the helix: at a steep lead it may even lean outward."
        fields={[
          {
            key: 'deg',
            label: 'Degrees',
            kind: 'number',
            low: -30,
            high: 60,
            start: String(Number((body.trailingDeg ?? 0).toFixed(2))),
          },
        ]}
        onSet={({ deg }) => change({ trailingDeg: deg[0]! }, 'Trailing clearance changed.')}
        onClose={onClose}
      />
    );
  if (mark === 'heel')
    return (
      <FigurePanel
        title="Second clearance"
        about="Steeper than the first and under it, so that the heel keeps clear of a bore."
        fields={[
          {
            key: 'deg',
            label: 'Degrees, square to the edge',
            kind: 'number',
            low: 1,
            high: 80,
            start: String(Number((body.heel?.clearanceDeg ?? 25).toFixed(1))),
          },
          {
            key: 'land',
            label: 'Land of the first clearance',
            kind: 'size',
            low: 0.1,
            high: 20,
            start: lengthText(body.heel?.landMm ?? 1, units),
          },
        ]}
        onSet={({ deg, land }) =>
          change({ heel: { clearanceDeg: deg[0]!, landMm: land[0]! } }, 'Second clearance changed.')
        }
        onClose={onClose}
      />
    );
  const isNose = mark === 'noseRadiusMm';
  const name = isNose ? 'Nose radius' : SIZE_WORDS[mark];
  return (
    <Keypad
      title={name}
      place={`bit-${mark}`}
      valueMm={isNose ? body.noseRadiusMm : body.sizes[mark]}
      limits={LIMITS[mark]}
      onSet={(mm) =>
        change(isNose ? { noseRadiusMm: mm } : { sizes: { ...body.sizes, [mark]: mm } }, `${name} changed.`)
      }
      onClose={onClose}
    />
  );
}
