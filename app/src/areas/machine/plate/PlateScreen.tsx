import { speedRange, toolMaterial } from '@pike-stone/core';
import { formatLength, formatSurfaceSpeed, joined } from '@pike-stone/words';
import { useState } from 'react';
import { useWindowDimensions, View } from 'react-native';
import Svg, { Line, Rect, Text as SvgText } from 'react-native-svg';
import { useMetals } from '../../../data/metals';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Choice } from '../../../kit/Choice';
import { Loading } from '../../../kit/Empty';
import { Picker } from '../../../kit/Picker';
import { usualPaper } from '../../../kit/PaperChoice';
import { fileName, save as saveFile } from '../../../kit/save-file';
import { Screen, Sheet } from '../../../kit/Screen';
import { useUndo } from '../../../kit/Undo';
import { Words } from '../../../kit/Words';
import { fileMaker } from '../../../pdf/load';
import { sheet } from '../../../theme/sheet';
import { FONT, SPACE } from '../../../theme/type';
import { machinePage, type MachinePageProps } from '../MachinePage';
import { MACHINE_CUTS, metalCalled } from '../reach/reach';
import { PLATE_WIDTHS_MM, plateLayout, type Plate, type PlateColumn } from './plate-layout';
import { plateSvg } from './plate-svg';

const NONE = 'none';
const WIDTHS = PLATE_WIDTHS_MM.map((mm) => ({ value: String(mm), mm }));
/** Colours of paper and ink of a plate, the same in both themes. */
const PAPER = '#FFFFFF';
const INK = '#000000';

/** A speed plate to print at true size and stick on the machine. */
export const PlateScreen = machinePage(function PlatePage({ record, back }: MachinePageProps) {
  const metals = useMetals();
  const machine = record.body;
  const units = useUnits();
  const say = useUndo((state) => state.say);
  const [width, setWidth] = useState('90');
  const [metal, setMetal] = useState('low-carbon-cold-drawn');
  const [busy, setBusy] = useState(false);
  if (metals.loading) return <Loading />;
  const column =
    metal === NONE || machine.kind === 'shaper'
      ? null
      : columnFor(machine, metalCalled(metal, metals), metals.nameOf(metal), units);
  const plate = plateLayout(machine, Number(width), column, units);
  const file = fileName(machine.name);
  const pdf = async () => {
    setBusy(true);
    try {
      const { platePdf } = await fileMaker();
      saveFile(
        await platePdf(plate, usualPaper(units), `Speeds of the ${machine.name}`),
        `${file}-speeds.pdf`,
      );
    } catch (error) {
      say(error instanceof Error ? error.message : 'The plate could not be made.');
    } finally {
      setBusy(false);
    }
  };
  const length = (mm: number) => joined(formatLength(mm, units));
  return (
    <Screen
      title="Speed plate"
      about={machine.name}
      onBack={back}
      side={
        <Sheet>
          <Preview plate={plate} />
        </Sheet>
      }
      footer={
        <>
          <Button
            label="SVG"
            says="Save the plate as SVG"
            onPress={() =>
              saveFile(new Blob([plateSvg(plate)], { type: 'image/svg+xml' }), `${file}-speeds.svg`)
            }
            style={styles.grow}
          />
          <Button
            kind="main"
            label="PDF to print"
            says="Save the plate as PDF"
            disabled={busy}
            onPress={() => void pdf()}
            style={styles.grow}
          />
        </>
      }
    >
      <View style={styles.pad}>
        <Words role="label">Width</Words>
        <Choice
          says="Width of the plate"
          value={width}
          onChange={setWidth}
          options={WIDTHS.map(({ value, mm }) => ({ value, label: length(mm) }))}
        />
        {machine.kind !== 'shaper' && (
          <Picker
            label="With the diameter that each step suits, HSS in"
            options={[{ value: NONE, label: 'No diameters' }, ...metals.options]}
            value={metal}
            onChange={setMetal}
          />
        )}
      </View>
      <Sheet>
        <View style={styles.group}>
          <Words>{`${length(plate.widthMm)} wide, ${length(plate.heightMm)} high.`}</Words>
          <Words role="note">
            Print at 100 %, not fitted to the page. Hold a rule against the line at the foot: it must be right
            before you cut along the marks.
          </Words>
        </View>
        <Caution level="caution">
          Isolate before you reach in to stick it on; keep it clear of belts, vents and the maker’s own
          warnings.
        </Caution>
      </Sheet>
    </Screen>
  );
});

function columnFor(
  machine: MachinePageProps['record']['body'],
  metal: ReturnType<typeof metalCalled>,
  name: string,
  units: 'mm' | 'inch',
): PlateColumn {
  const { startMPerMin } = speedRange(metal, toolMaterial('hss'), MACHINE_CUTS[machine.kind][0]!.value);
  return {
    title: `⌀ HSS, ${units === 'mm' ? 'mm' : 'in'}`,
    about: `⌀: largest for HSS in ${name.toLowerCase()}, ${joined(formatSurfaceSpeed(startMPerMin, units))}`,
    mPerMin: startMPerMin,
  };
}

const MOST_PX_PER_MM = 4.2;

/** The plate as it will be printed. */
function Preview({ plate }: { plate: Plate }) {
  const { width: screen } = useWindowDimensions();
  const px = Math.min(MOST_PX_PER_MM, (Math.min(screen, 560) - 2 * SPACE.edge) / plate.widthMm);
  return (
    <View style={styles.preview} role="img" aria-label="The plate as it will be printed">
      <Svg
        width={plate.widthMm * px}
        height={plate.heightMm * px}
        viewBox={`0 0 ${plate.widthMm} ${plate.heightMm}`}
      >
        <Rect x={0} y={0} width={plate.widthMm} height={plate.heightMm} fill={PAPER} />
        {plate.marks.map((mark, i) => {
          if (mark.is === 'rect')
            return (
              <Rect
                key={i}
                x={mark.x}
                y={mark.y}
                width={mark.width}
                height={mark.height}
                fill="none"
                stroke={INK}
                strokeWidth={mark.line}
              />
            );
          if (mark.is === 'line')
            return (
              <Line
                key={i}
                x1={mark.x1}
                y1={mark.y1}
                x2={mark.x2}
                y2={mark.y2}
                stroke={INK}
                strokeWidth={mark.line}
              />
            );
          return (
            <SvgText
              key={i}
              x={mark.x}
              y={mark.y}
              fontSize={mark.size}
              fontFamily={FONT.words}
              fontWeight={mark.bold ? '600' : '400'}
              textAnchor={mark.anchor}
              fill={INK}
            >
              {mark.text}
            </SvgText>
          );
        })}
      </Svg>
    </View>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  pad: { paddingHorizontal: SPACE.edge, gap: SPACE.close },
  group: { padding: SPACE.edge, gap: SPACE.close },
  preview: { padding: SPACE.edge, alignItems: 'center' },
});
