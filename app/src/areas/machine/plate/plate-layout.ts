import type { MachineBody } from '@pike-stone/contract';
import { type SpeedStep } from '@pike-stone/core';
import { coarseLength, formatLength, formatSpindleSpeed, type UnitSystem } from '@pike-stone/words';

/** A plate as lines and words in mm from its top left corner; page, SVG and PDF are drawn from it. */
type PlateMark =
  | {
      readonly is: 'rect';
      readonly x: number;
      readonly y: number;
      readonly width: number;
      readonly height: number;
      readonly line: number;
    }
  | {
      readonly is: 'line';
      readonly x1: number;
      readonly y1: number;
      readonly x2: number;
      readonly y2: number;
      readonly line: number;
    }
  | {
      readonly is: 'text';
      readonly x: number;
      readonly y: number;
      readonly size: number;
      readonly bold: boolean;
      readonly anchor: 'start' | 'middle' | 'end';
      readonly text: string;
    };

export interface Plate {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly marks: readonly PlateMark[];
}

/** The column beside the speeds: the diameter that each of them suits. */
export interface PlateColumn {
  /** Heading of the column, and the full sentence at the foot of the plate. */
  readonly title: string;
  readonly about: string;
  readonly mPerMin: number;
}

export const PLATE_WIDTHS_MM = [60, 90, 120] as const;
/** The line to hold a rule against after printing: 50 mm, or two inches. */
export const CHECK_LINE_MM = { mm: 50, inch: 50.8 } as const;
/** Width of a letter over its size, on the safe side. */
const LETTER = 0.56;
const LEAST_SIZE_MM = 1.6;

/** Type size, mm: the wanted one, or smaller so that the words fit their width. */
const fitting = (text: string, wanted: number, room: number): number =>
  Math.max(LEAST_SIZE_MM, Math.min(wanted, room / (Math.max(1, text.length) * LETTER)));

const suitedMm = (rpm: number, mPerMin: number): number => (1000 * mPerMin) / (Math.PI * rpm);

/**
 * The speed plate of a machine: every step with its belt or lever, fastest first,
 * and a line of known length to check the printing with.
 *
 * @param widthMm  60 to 120; all sizes follow from it
 */
export function plateLayout(
  machine: MachineBody,
  widthMm: number,
  column: PlateColumn | null,
  units: UnitSystem,
): Plate {
  const u = widthMm / 90;
  const edge = 4 * u;
  const row = 6.2 * u;
  const [rpmAt, wordsAt, sizeAt] = [edge + 15 * u, edge + 18 * u, widthMm - edge];
  const marks: PlateMark[] = [];
  const text = (
    x: number,
    y: number,
    size: number,
    words: string,
    more: { bold?: boolean; anchor?: 'start' | 'middle' | 'end' } = {},
  ) =>
    marks.push({
      is: 'text',
      x,
      y,
      size,
      text: words,
      bold: more.bold ?? false,
      anchor: more.anchor ?? 'start',
    });
  const line = (y: number, thick: number) =>
    marks.push({ is: 'line', x1: edge, y1: y, x2: widthMm - edge, y2: y, line: thick });
  const unit = machine.kind === 'shaper' ? 'strokes/min' : 'rpm';

  let y = edge + 5.2 * u;
  text(edge, y, fitting(machine.name, 5.6 * u, widthMm - 2 * edge), machine.name, { bold: true });
  y += 5.6 * u;
  text(rpmAt, y, 2.6 * u, unit, { anchor: 'end' });
  text(wordsAt, y, 2.6 * u, 'set');
  if (column) text(sizeAt, y, 2.6 * u, column.title, { anchor: 'end' });
  y += 1.8 * u;
  line(y, 0.35);
  for (const step of [...machine.speeds].reverse()) {
    y += row;
    text(rpmAt, y - 1.6 * u, 4.6 * u, formatSpindleSpeed(step.rpm).figure, { bold: true, anchor: 'end' });
    text(
      wordsAt,
      y - 1.9 * u,
      fitting(words(step), 3.4 * u, sizeAt - wordsAt - (column ? 16 * u : 0)),
      words(step),
    );
    if (column)
      text(sizeAt, y - 1.9 * u, 3.4 * u, coarseLength(suitedMm(step.rpm, column.mPerMin), units), {
        anchor: 'end',
      });
    line(y, 0.15);
  }
  y += 4.6 * u;
  const known = sayKnown(machine.speeds);
  text(edge, y, fitting(known, 2.5 * u, widthMm - 2 * edge), known);
  if (column) {
    y += 3.6 * u;
    text(edge, y, fitting(column.about, 2.5 * u, widthMm - 2 * edge), column.about);
  }
  y += 3.6 * u;
  const caution = 'Isolate before touching belts or gears. Guards back before the switch.';
  text(edge, y, fitting(caution, 2.5 * u, widthMm - 2 * edge), caution);
  y += 5.4 * u;
  const check = CHECK_LINE_MM[units];
  marks.push({ is: 'line', x1: edge, y1: y, x2: edge + check, y2: y, line: 0.25 });
  for (const x of [edge, edge + check])
    marks.push({ is: 'line', x1: x, y1: y - 1.2, x2: x, y2: y + 1.2, line: 0.25 });
  text(
    edge + check / 2,
    y - 0.9,
    2.2,
    `${Number(formatLength(check, units).figure)} ${units === 'mm' ? 'mm' : 'in'} when printed true`,
    { anchor: 'middle' },
  );
  const heightMm = Math.ceil(y + edge);
  marks.unshift({ is: 'rect', x: 0.2, y: 0.2, width: widthMm - 0.4, height: heightMm - 0.4, line: 0.4 });
  return { widthMm, heightMm, marks };
}

/** The setting of a step, with a mark when its speed was measured. */
const words = (step: SpeedStep): string => (step.measured ? `${step.setting} *` : step.setting);

function sayKnown(steps: readonly SpeedStep[]): string {
  const measured = steps.flatMap((step) => (step.measured ? [step.measured.on.slice(0, 10)] : []));
  const computed = steps.some((step) => step.computed);
  const newest = [...measured].sort().at(-1);
  return [
    newest && `* measured, last ${newest}`,
    computed && `${newest ? 'others ' : ''}computed from pulleys and gears`,
    !newest && !computed && 'speeds as stated, not measured',
  ]
    .filter(Boolean)
    .join('; ');
}
