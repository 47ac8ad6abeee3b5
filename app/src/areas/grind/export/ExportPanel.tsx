import { formatAngle, formatLength, joined } from '@pike-stone/words';
import {
  ANGLE_WORDS,
  bitTitle,
  GRINDER_FIRST,
  sayBlank,
  sayStep,
  sayTilt,
  STEP_NAMES,
} from '@pike-stone/words/grind';
import { SHAPES } from '@pike-stone/core/grind';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Panel } from '../../../kit/Panel';
import { PaperChoice, usualPaper, type PaperSize } from '../../../kit/PaperChoice';
import { Row } from '../../../kit/Row';
import { fileName, save } from '../../../kit/save-file';
import { Words } from '../../../kit/Words';
import { fileMaker } from '../../../pdf/load';
import { sheet } from '../../../theme/sheet';
import { PAPER } from '../../../theme/colours';
import { SPACE } from '../../../theme/type';
import { stlFile } from '../../../workers/solid-work';
import type { BitCard } from '../../../pdf/bit-pdf';
import type { Bit, GroundBit } from '../use-bit';
import { bitSheet, bitSvg } from './bit-sheet';

/** Angles that a paper gauge is made of. */
const GAUGED = ['sideClearanceDeg', 'frontClearanceDeg', 'sideRakeDeg', 'backRakeDeg'] as const;

/** The bit as files: a card to print, the solid, and the views at true size. */
export function ExportPanel({ bit, ground, onClose }: { bit: Bit; ground: GroundBit; onClose: () => void }) {
  const units = useUnits();
  const [paper, setPaper] = useState<PaperSize>(usualPaper(units));
  const [fault, setFault] = useState<string | null>(null);
  const { name } = bit.body;
  const file = fileName(name);
  const facets = ground.answer?.facets ?? [];
  const make = (what: () => Promise<void>) => () => {
    setFault(null);
    what().catch((error: unknown) => setFault(error instanceof Error ? error.message : String(error)));
  };
  const card = (): BitCard => ({
    title: name,
    about: `${bitTitle(bit.body.shape, bit.body.hand)}, ${sayBlank(bit.plan.blank, units)}, wheel ${joined(formatLength(bit.plan.wheel.diameterMm, units))}`,
    steps: bit.steps.map((step) => {
      const tilt = step.setting?.tiltDeg ?? step.swing?.tiltDeg;
      return {
        name: STEP_NAMES[step.key],
        hold: sayStep(step, bit.plan, bit.body.material, units).hold,
        tilt: tilt === undefined ? '' : sayTilt(tilt),
        reads: step.readings.map(({ deg }) => formatAngle(deg, 1)).join(', '),
      };
    }),
    sheet: bitSheet(facets),
    gauges: GAUGED.filter(
      (angle) => SHAPES[bit.body.shape].sets.includes(angle) && bit.plan.angles[angle] > 0,
    ).map((angle) => ({ name: ANGLE_WORDS[angle].name, deg: bit.plan.angles[angle] })),
    caution: GRINDER_FIRST,
  });
  const pdf = make(async () => {
    const { bitPdf } = await fileMaker();
    save(await bitPdf(card(), paper), `${file}.pdf`);
  });
  const stl = make(async () => {
    const bytes = await stlFile(bit.plan, name);
    if (bytes) save(new Blob([bytes], { type: 'model/stl' }), `${file}.stl`);
  });
  const svg = make(async () => {
    save(new Blob([bitSvg(bitSheet(facets), name, PAPER.ink)], { type: 'image/svg+xml' }), `${file}.svg`);
  });
  const dxf = make(async () => {
    const { bitDxf } = await fileMaker();
    save(bitDxf(bitSheet(facets)), `${file}.dxf`);
  });
  return (
    <Panel title="As a file" onClose={onClose}>
      <View style={styles.pad}>
        <PaperChoice value={paper} onChange={setPaper} />
        {fault && <Words role="fault">{fault}</Words>}
      </View>
      <Row
        title="Setting card, PDF"
        about="steps, views at true size, angle gauges to cut out and a bar to check the print"
        onPress={pdf}
      />
      <Row title="Solid, STL" about="the whole bit in millimetres" onPress={stl} />
      <Row title="Views, SVG" about="true size" onPress={svg} />
      <Row title="Views, DXF" about="true size, millimetres" onPress={dxf} />
    </Panel>
  );
}

const styles = sheet({ pad: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.near, gap: SPACE.near } });
