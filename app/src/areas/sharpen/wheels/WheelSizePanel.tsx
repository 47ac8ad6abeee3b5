import { useUnits } from '../../../data/preferences';
import { FigurePanel } from '../../figures/FigurePanel';
import { lengthText } from '../../figures/read-figure';
import { useWheelChange } from './change-wheel';
import type { ShownWheel } from './use-wheels';

/** Diameter of a wheel as it measures now and when it was new, and its rating. */
export function WheelSizePanel({ wheel, onClose }: { wheel: ShownWheel; onClose: () => void }) {
  const units = useUnits();
  const { record, use } = wheel;
  const { body } = record;
  const { change, write } = useWheelChange(wheel);
  return (
    <FigurePanel
      title="Sizes and rating"
      onClose={onClose}
      onSet={(read) => {
        const more = {
          markedMm: Math.max(read.new[0]!, read.now[0]!),
          widthMm: read.width[0]!,
          ratedMPerS: read.rated[0],
          ratedRpm: read.rpm[0],
        };
        const same =
          more.markedMm === use.markedMm
          && more.widthMm === use.widthMm
          && more.ratedMPerS === (use.ratedMPerS ?? undefined)
          && more.ratedRpm === body.ratedRpm;
        // A wheel that was only measured goes into its book.
        if (same && read.now[0] !== body.diameterMm)
          write({ act: 'measured', diameterMm: read.now[0]!, note: '' }, 'Measured.');
        else change({ ...more, diameterMm: read.now[0]! });
      }}
      fields={[
        {
          key: 'now',
          label: 'Diameter now',
          kind: 'size',
          low: 10,
          high: 600,
          start: lengthText(body.diameterMm, units),
          about: 'Measured: it goes into the dress book, and the rest is corrected for it.',
        },
        {
          key: 'new',
          label: 'Diameter when new',
          kind: 'size',
          low: 10,
          high: 600,
          start: lengthText(use.markedMm, units),
          about: 'Its rating counts for this one: a worn wheel may not run faster.',
        },
        {
          key: 'width',
          label: 'Width',
          kind: 'size',
          low: 1,
          high: 150,
          start: lengthText(use.widthMm, units),
        },
        {
          key: 'rated',
          label: 'Rated, m/s',
          kind: 'number',
          low: 1,
          high: 200,
          optional: true,
          start: use.ratedMPerS === null ? '' : String(use.ratedMPerS),
        },
        {
          key: 'rpm',
          label: 'Or rated, rpm',
          kind: 'number',
          low: 100,
          high: 60_000,
          optional: true,
          start: body.ratedRpm === undefined ? '' : String(body.ratedRpm),
        },
      ]}
    />
  );
}
