import { unitOf } from '@pike-stone/words';
import { useState, type ReactNode } from 'react';
import { draftsNamed } from '../../data/drafts';
import { useUnits } from '../../data/preferences';
import { TextBox } from '../../kit/TextBox';
import { readFigure, type FigureKind } from './read-figure';

/** One field for figures. */
export interface FigureField<Key extends string> extends FigureKind {
  readonly key: Key;
  readonly label: string;
  /** The title above says it already: the label is only read aloud. */
  readonly hideLabel?: boolean;
  readonly start?: string;
  readonly about?: string;
}

/** The figures that were read, by the key of their field. */
export type Figures<Key extends string> = Readonly<Record<Key, readonly number[]>>;

/** Whether every field could be read. */
const areRead = <Key extends string>(
  figures: Readonly<Record<string, readonly number[] | undefined>>,
  fields: readonly FigureField<Key>[],
): figures is Figures<Key> => fields.every(({ key }) => figures[key] !== undefined);

type Texts = Readonly<Record<string, string>>;

/** What was typed on a page and not yet used, by the place it was typed in. */
const useTyped = draftsNamed<Texts>('pike-figures');

interface FigureOptions {
  /** Place under which what is typed survives a reload; it is dropped by `forget`. */
  readonly keptAs?: string;
  /** What cannot be used is said while it is typed: the page computes without being asked. */
  readonly atOnce?: boolean;
}

/** The fields of a few figures, each with its own sentence when it cannot be used; nothing typed is lost. */
export function useFigures<Key extends string>(
  fields: readonly FigureField<Key>[],
  { keptAs, atOnce = false }: FigureOptions = {},
) {
  const units = useUnits();
  // A figure is kept in the unit that it was typed in.
  const place = keptAs === undefined ? null : `${keptAs}/${units}`;
  const [texts, setTexts] = useState<Texts>(() => ({
    ...Object.fromEntries(fields.map(({ key, start = '' }) => [key, start])),
    ...(place === null ? {} : useTyped.getState().drafts[place]),
  }));
  const [asked, setAsked] = useState(atOnce);
  const readings = fields.map((field) => ({
    field,
    text: texts[field.key] ?? '',
    reading: readFigure(field, texts[field.key] ?? '', units),
  }));
  const set = (key: Key, text: string): void => {
    setTexts((before) => ({ ...before, [key]: text }));
    if (place !== null) {
      const { drafts, keep } = useTyped.getState();
      keep(place, { ...drafts[place], [key]: text });
    }
  };
  const forget = (): void => {
    if (place !== null) useTyped.getState().drop(place);
  };
  const boxes: readonly ReactNode[] = readings.map(({ field, text, reading }) => (
    <TextBox
      key={field.key}
      figures
      hideLabel={field.hideLabel ?? false}
      label={field.kind === 'size' ? `${field.label} (${unitOf(units)})` : field.label}
      value={text}
      onChange={(next) => set(field.key, next)}
      fault={asked ? reading.fault : undefined}
      reading={(reading.values && text !== '' ? reading.said : undefined) ?? field.about}
    />
  ));
  /** The figures when all of them can be used; else null, and every sentence is shown. */
  const take = (): Figures<Key> | null => {
    setAsked(true);
    const figures = Object.fromEntries(readings.map(({ field, reading }) => [field.key, reading.values]));
    return areRead(figures, fields) ? figures : null;
  };
  /** The figures of one field, when it can be read. */
  const peek = (key: Key): readonly number[] | undefined =>
    readings.find(({ field }) => field.key === key)?.reading.values;
  return { boxes, set, take, peek, forget };
}
