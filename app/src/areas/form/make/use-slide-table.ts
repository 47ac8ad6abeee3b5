import { OutOfRange } from '@pike-stone/core';
import {
  dialStops,
  slideStops,
  stoneToBeginWith,
  type Profile,
  type SlideStops,
} from '@pike-stone/core/form';
import { useMemo } from 'react';
import { draftsNamed } from '../../../data/drafts';
import { useUnits } from '../../../data/preferences';
import { lengthText } from '../../figures/read-figure';
import { useFigures } from '../../figures/useFigures';

/** Which stop is next, by the table it belongs to; it survives a reload. */
const useStopAt = draftsNamed<number>('pike-slide-stop');

const USUAL_CUSP_MM = 0.005;

/** Stops of the wheel, or why there are none. */
function tableOf(
  profile: Profile,
  stoneMm: number,
  cuspMm: number,
): { stops: SlideStops | null; refused: OutOfRange | null } {
  try {
    return { stops: slideStops(profile, stoneMm, cuspMm), refused: null };
  } catch (error) {
    if (error instanceof OutOfRange) return { stops: null, refused: error };
    throw error;
  }
}

/**
 * A slide table as it is asked for: wheel, cusp and dials, the stops they give, the dial readings, and which stop is
 * next. What is typed and the stop stay with the name.
 */
export function useSlideTable(profile: Profile, name: string) {
  const units = useUnits();
  const begunMm = useMemo(() => stoneToBeginWith(profile, USUAL_CUSP_MM), [profile]);
  const figures = useFigures(
    [
      {
        key: 'stone',
        label: 'Radius of the wheel or stone',
        kind: 'size',
        low: 0.05,
        high: 150,
        start: lengthText(begunMm, units),
      },
      {
        key: 'cusp',
        label: 'Cusp left between stops',
        kind: 'size',
        low: 0.0005,
        high: 0.5,
        start: lengthText(USUAL_CUSP_MM, units),
      },
      {
        key: 'turn',
        label: 'One turn of the X screw moves',
        kind: 'size',
        low: 0.2,
        high: 20,
        start: units === 'mm' ? '2' : '0.1',
      },
      { key: 'marks', label: 'Marks on the X dial', kind: 'whole', low: 10, high: 1000, start: '100' },
      {
        key: 'turnY',
        label: 'One turn of the Y screw moves',
        kind: 'size',
        low: 0.2,
        high: 20,
        optional: true,
        about: 'empty: as X',
      },
      {
        key: 'marksY',
        label: 'Marks on the Y dial',
        kind: 'whole',
        low: 10,
        high: 1000,
        optional: true,
        about: 'empty: as X',
      },
    ],
    { keptAs: `slides ${name}`, atOnce: true },
  );
  const [stone, cusp, turn, marks, turnY = turn, marksY = marks] = (
    ['stone', 'cusp', 'turn', 'marks', 'turnY', 'marksY'] as const
  ).map((key) => figures.peek(key)?.[0]);
  const table = useMemo(
    () => (stone !== undefined && cusp !== undefined ? tableOf(profile, stone, cusp) : null),
    [profile, stone, cusp],
  );
  const stops = table?.stops ?? null;
  const read = useMemo(
    () =>
      stops && turn !== undefined && marks !== undefined && turnY !== undefined && marksY !== undefined
        ? dialStops(stops.stops, { turnMm: turn, marks }, { turnMm: turnY, marks: marksY })
        : null,
    [stops, turn, marks, turnY, marksY],
  );
  const key = `${name} ${stone} ${cusp}`;
  const kept = useStopAt((state) => state.drafts[key]) ?? 0;
  return {
    boxes: figures.boxes,
    refused: table?.refused ?? null,
    /** Whether the wheel fits nowhere on the form without cutting into another part of it. */
    fitsNowhere: stops !== null && stops.stops.length === 0,
    /** Null while a figure is missing, or where there are no stops. */
    made:
      stops && stops.stops.length > 0 && read && stone !== undefined && cusp !== undefined
        ? { stops, read, stoneMm: stone, cuspMm: cusp, at: Math.min(kept, stops.stops.length - 1) }
        : null,
    go: (to: number) => useStopAt.getState().keep(key, to),
  };
}

/** A slide table with all that it was made from. */
export type MadeTable = NonNullable<ReturnType<typeof useSlideTable>['made']>;
