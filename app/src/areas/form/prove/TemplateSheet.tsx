import {
  MAGNIFICATIONS,
  PRINTER_DOUBT,
  hiddenByLine,
  printFactors,
  type Profile,
} from '@pike-stone/core/form';
import { unlessRefused } from '@pike-stone/core';
import { sayFine } from '@pike-stone/words/form';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Choice } from '../../../kit/Choice';
import { fileName, save } from '../../../kit/save-file';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { fileMaker } from '../../../pdf/load';
import { PAPER } from '../../../theme/colours';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { useFigures } from '../../figures/useFigures';
import { BAR_MM, templateOf, templateSvg } from './template';

type Which = 'work' | 'face';

/** The form as a drawing to hold the cutter against, at true size or larger, and the printer it comes from. */
export function TemplateSheet({
  work,
  face,
  name,
  stl,
}: {
  work: Profile;
  face: Profile;
  name: string;
  /** The tooth as an STL file. */
  stl: () => Promise<Uint8Array<ArrayBuffer>>;
}) {
  const units = useUnits();
  const [which, setWhich] = useState<Which>('face');
  const [times, setTimes] = useState<string>('20');
  const [fault, setFault] = useState<string | null>(null);
  const figures = useFigures(
    [
      {
        key: 'x',
        label: 'Bar along the sheet measures, mm',
        kind: 'number',
        low: 50,
        high: 150,
        start: String(BAR_MM),
      },
      {
        key: 'y',
        label: 'Bar up the sheet measures, mm',
        kind: 'number',
        low: 50,
        high: 150,
        start: String(BAR_MM),
      },
    ],
    { keptAs: 'printer', atOnce: true },
  );
  const [x, y] = [figures.peek('x')?.[0], figures.peek('y')?.[0]];
  const factors =
    x === undefined || y === undefined
      ? null
      : unlessRefused(() => printFactors({ nominalMm: BAR_MM, xMm: x, yMm: y }), null);
  const magnification = Number(times);
  const title = `${name}, ${which === 'work' ? 'the form in the work' : 'the face of the tool'}`;
  const template = () =>
    templateOf(which === 'work' ? work : face, magnification, title, factors ?? { x: 1, y: 1 });
  const file = `${fileName(name)} ${magnification} to 1`;
  const make = (what: () => Promise<void>) => () => {
    setFault(null);
    what().catch((error: unknown) => setFault(error instanceof Error ? error.message : String(error)));
  };
  const off = factors && Math.max(Math.abs(factors.x - 1), Math.abs(factors.y - 1));
  return (
    <Sheet>
      <View style={styles.box}>
        <Words role="heading">Template</Words>
        <Choice
          says="Which profile"
          value={which}
          onChange={setWhich}
          options={[
            { value: 'face', label: 'Face of the tool' },
            { value: 'work', label: 'Form in the work' },
          ]}
        />
        <Choice
          says="Magnification"
          value={times}
          onChange={setTimes}
          options={MAGNIFICATIONS.map((value) => ({ value: String(value), label: `${value} : 1` }))}
        />
        <Words>{`The line of the drawing hides ${sayFine(hiddenByLine(magnification), units)} of the form.`}</Words>
        <View style={styles.buttons}>
          <Button
            label="PDF"
            onPress={make(async () => save(await (await fileMaker()).templatePdf(template()), `${file}.pdf`))}
          />
          <Button
            label="SVG"
            onPress={make(async () =>
              save(new Blob([templateSvg(template(), PAPER.ink)], { type: 'image/svg+xml' }), `${file}.svg`),
            )}
          />
          <Button
            label="STL of the tooth"
            onPress={make(async () =>
              save(new Blob([await stl()], { type: 'model/stl' }), `${fileName(name)}.stl`),
            )}
          />
          <Button
            label="DXF"
            onPress={make(async () => save((await fileMaker()).templateDxf(template()), `${file}.dxf`))}
          />
        </View>
        {fault && <Words role="fault">{fault}</Words>}
        <Words role="note">{`Each sheet has a bar of ${BAR_MM} mm along and one up. Measure both on the print: the next one is made to come true.`}</Words>
        {figures.boxes}
      </View>
      {x !== undefined && y !== undefined && factors === null && (
        <Caution level="caution">
          That print is more than 10 % off: check the print setting, 100 % and not fit to page.
        </Caution>
      )}
      {off !== null && off > PRINTER_DOUBT && (
        <Caution level="note">More than 1 % off: look whether the printer was set to fit the page.</Caution>
      )}
    </Sheet>
  );
}

const styles = sheet({
  box: { padding: SPACE.edge, gap: SPACE.near },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.close },
});
