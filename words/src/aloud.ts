import type { Shown } from './format';

/** Units as they are spoken. One that is not here is said as it is written. */
const SPOKEN: Readonly<Record<string, string>> = {
  mm: 'millimetres',
  in: 'inches',
  'mm/rev': 'millimetres a turn',
  'in/rev': 'inches a turn',
  'mm/tooth': 'millimetres a tooth',
  'in/tooth': 'inches a tooth',
  'mm/stroke': 'millimetres a stroke',
  'in/stroke': 'inches a stroke',
  'mm/min': 'millimetres a minute',
  'in/min': 'inches a minute',
  '/min': 'strokes a minute',
  'strokes/min': 'strokes a minute',
  's a turn': 'seconds a turn',
  tpi: 'threads an inch',
};

/** A value as a voice reads it: "0.1 millimetres a turn". */
export const aloud = ({ figure, unit }: Shown): string => `${figure} ${SPOKEN[unit] ?? unit}`;
