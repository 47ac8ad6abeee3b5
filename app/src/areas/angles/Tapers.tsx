import { setover, setoverLimit, taperFrom, type TaperSaid } from '@pike-stone/core/forecast';
import { unlessRefused } from '@pike-stone/core';
import { formatAngle, formatLength, joined } from '@pike-stone/words';
import { saySetoverLimit, sayTaper } from '@pike-stone/words/form';
import { View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { Caution } from '../../kit/Caution';
import { Choice } from '../../kit/Choice';
import { Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { lengthText } from '../figures/read-figure';
import { useFigures } from '../figures/useFigures';
import { AnglesFrame } from './AnglesFrame';
import { useKeptChoice } from './use-set';

/** Ways a drawing says a taper, with their ranges. */
const SAID = {
  'one-to-x': { label: '1 : x', field: 'One in', low: 0.6, high: 2000, start: '20' },
  'included-angle-deg': {
    label: 'Included angle',
    field: 'Included angle, degrees',
    low: 0.02,
    high: 120,
    start: '5',
  },
  'half-angle-deg': { label: 'Half angle', field: 'Half angle, degrees', low: 0.01, high: 60, start: '2.5' },
  'taper-per-foot-in': {
    label: 'In a foot',
    field: 'Inches in a foot, on the diameter',
    low: 0.005,
    high: 20,
    start: '0.6',
  },
} as const satisfies Partial<Record<TaperSaid, unknown>>;
type Said = keyof typeof SAID;
const KEYS = Object.keys(SAID) as Said[];

/** A taper said in any way: the compound slide, the tailstock, and how each is proved. */
export function Tapers() {
  const [said, setSaid] = useKeptChoice<Said>('taper-said', KEYS);
  // Another way of saying it has another field.
  return <TaperOf key={said} said={said} onSaid={setSaid} />;
}

function TaperOf({ said, onSaid }: { said: Said; onSaid: (said: Said) => void }) {
  const units = useUnits();
  const facts = SAID[said];
  const figures = useFigures(
    [
      {
        key: 'value',
        label: facts.field,
        kind: 'number',
        low: facts.low,
        high: facts.high,
        start: facts.start,
      },
      {
        key: 'work',
        label: 'Work between the points of the centres',
        kind: 'size',
        low: 5,
        high: 3000,
        start: lengthText(200, units),
      },
    ],
    { keptAs: `taper ${said}`, atOnce: true },
  );
  const [value, work] = (['value', 'work'] as const).map((key) => figures.peek(key)?.[0]);
  const taper = value === undefined ? null : unlessRefused(() => taperFrom(said, value), null);
  const over = taper && work !== undefined ? setover(work, taper.halfDeg) : null;
  return (
    <AnglesFrame
      part="taper"
      side={
        <Sheet>
          <View style={styles.box}>
            <Choice
              says="How the taper is said"
              value={said}
              onChange={onSaid}
              options={KEYS.map((one) => ({ value: one, label: SAID[one].label }))}
            />
            {figures.boxes[1]}
          </View>
        </Sheet>
      }
    >
      <Sheet>
        <View style={styles.box}>{figures.boxes[0]}</View>
      </Sheet>
      {taper && (
        <Sheet>
          <View style={styles.box} testID="taper-says">
            <Words role="big">{`Compound slide ${formatAngle(taper.halfDeg, 3)}`}</Words>
            {sayTaper(taper, units).map((line) => (
              <Words key={line}>{line}</Words>
            ))}
            {over && (
              <Words role="strong">{`Tailstock over by ${joined(formatLength(over.mm, units))}.`}</Words>
            )}
            {over && (
              <Words role="note">
                Towards you the small end comes to the tailstock. Work of another length needs another
                set-over. Keep the dog free to slide, oil the centre, and set the tailstock back by a test
                bar.
              </Words>
            )}
          </View>
          {over?.overLimit && work !== undefined && (
            <Caution level="caution">{saySetoverLimit(setoverLimit(work), units)}</Caution>
          )}
        </Sheet>
      )}
    </AnglesFrame>
  );
}

const styles = sheet({ box: { padding: SPACE.edge, gap: SPACE.near } });
