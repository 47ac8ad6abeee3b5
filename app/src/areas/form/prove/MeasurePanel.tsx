import type { MeasuredForm } from '@pike-stone/contract';
import { FITS } from '@pike-stone/core/bits';
import { FIT_WORDS, sayUsualDoubt } from '@pike-stone/words/form';
import { useState } from 'react';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Choice } from '../../../kit/Choice';
import { pickText } from '../../../kit/pick-file';
import { TextBox } from '../../../kit/TextBox';
import { FigurePanel } from '../../figures/FigurePanel';
import { lengthText } from '../../figures/read-figure';
import { pointText, readPoints } from '../panels/corner-rows';
import { PhotoPanel } from '../panels/PhotoPanel';
import type { Form } from '../use-form';

/** Band and doubt to begin with, in round figures of the shop: half a thou and a tenth in inches, mm. */
const USUAL_BAND_MM = { mm: 0.01, inch: 0.0127 } as const;
const USUAL_DOUBT_MM = { mm: 0.002, inch: 0.00254 } as const;
const LEAST_POINTS = 3;

/** Points measured on the cutter or on a part, the band they are judged by, how well they were measured. */
export function MeasurePanel({ form, onClose }: { form: Form; onClose: () => void }) {
  const units = useUnits();
  const { measured } = form.body;
  const [on, setOn] = useState<MeasuredForm['on']>(measured?.on ?? 'tool');
  const [fit, setFit] = useState<MeasuredForm['fit']>(measured?.fit ?? 'free');
  const [text, setText] = useState(measured ? pointText(measured.points, units) : '');
  const [asked, setAsked] = useState(false);
  const [tracing, setTracing] = useState(false);
  const read = readPoints(text, units);
  const fault = read.fault ?? (read.rows.length < LEAST_POINTS ? 'Three points at least.' : null);
  return (
    <FigurePanel
      title="Measured points"
      onClose={onClose}
      other={
        <>
          <Button label="Photo" says="From a photo" onPress={() => setTracing(true)} />
          <Button label="File" says="From a file" onPress={() => void pickText(setText)} />
        </>
      }
      check={() => {
        setAsked(true);
        return fault;
      }}
      onSet={({ band, doubt }) => {
        if (read.rows === null) return;
        form.change(
          {
            measured: { points: read.rows, on, fit, lowMm: -band[0]!, highMm: band[0]!, doubtMm: doubt[0]! },
          },
          'Measured points kept.',
        );
      }}
      before={
        <>
          <Choice
            says="Measured on"
            value={on}
            onChange={setOn}
            options={[
              { value: 'tool', label: 'The face of the tool' },
              { value: 'part', label: 'The part' },
            ]}
          />
          <Choice
            says="How the points are laid on"
            value={fit}
            onChange={setFit}
            options={FITS.map((value) => ({ value, label: FIT_WORDS[value] }))}
          />
          <TextBox
            label={`Points: x y, in order (${units === 'mm' ? 'mm' : 'in'})`}
            figures
            lines={8}
            value={text}
            onChange={setText}
            fault={asked || text !== '' ? (fault ?? undefined) : undefined}
            reading={read.rows ? `${read.rows.length} points` : undefined}
          />
        </>
      }
      fields={[
        {
          key: 'band',
          label: 'May be off by, either side',
          kind: 'size',
          low: 0.0005,
          high: 1,
          start: lengthText(measured?.highMm ?? USUAL_BAND_MM[units], units),
        },
        {
          key: 'doubt',
          label: 'How well it was measured, either side',
          kind: 'size',
          low: 0,
          high: 0.5,
          start: lengthText(measured?.doubtMm ?? USUAL_DOUBT_MM[units], units),
          about: sayUsualDoubt(units),
        },
      ]}
    >
      {tracing && (
        <PhotoPanel
          onTake={(points) => setText(pointText(points, units))}
          onClose={() => setTracing(false)}
        />
      )}
    </FigurePanel>
  );
}
