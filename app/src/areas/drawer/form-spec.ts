/** A field of a form: the part of the record it holds, and how that is typed. */
export type FieldSpec =
  | { readonly type: 'text'; readonly path: string; readonly label: string; readonly lines?: number }
  | {
      readonly type: 'number';
      readonly path: string;
      readonly label: string;
      readonly about?: string;
      readonly start?: string;
      /** Path of the part of the record that is left out while this field is empty. */
      readonly makes?: string;
    }
  | {
      readonly type: 'length';
      readonly path: string;
      readonly label: string;
      readonly about?: string;
      readonly drill?: boolean;
      readonly optionalZero?: boolean;
      /** May be left empty: not known. */
      readonly optional?: boolean;
      /** Path of the part of the record that is left out while this field is empty. */
      readonly makes?: string;
    }
  | { readonly type: 'lengths'; readonly path: string; readonly label: string; readonly about?: string }
  | {
      readonly type: 'choice';
      readonly path: string;
      readonly label: string;
      readonly options: readonly { readonly value: string; readonly label: string }[];
      readonly about?: string;
      /** Chosen from a list on a panel of its own. */
      readonly long?: boolean;
      readonly start?: string;
      /** The record holds a number. */
      readonly numeric?: boolean;
    }
  | { readonly type: 'tick'; readonly path: string; readonly label: string; readonly about?: string }
  | {
      readonly type: 'steps';
      readonly path: string;
      readonly label: string;
      readonly valueKey: 'rpm' | 'value';
      readonly valueLabel: string;
      readonly about?: string;
      readonly lengthPer?: string;
    }
  | { readonly type: 'range'; readonly path: string; readonly label: string };

/** Name and note, which every record has. */
export const NAME: FieldSpec = { type: 'text', path: 'name', label: 'Name' };
export const NOTE: FieldSpec = { type: 'text', path: 'note', label: 'Note', lines: 3 };

export interface FormGroup {
  readonly title: string;
  readonly fields: readonly FieldSpec[];
}

/** Contents of the fields: words and figures as they were typed. */
export type Raw = Record<string, unknown>;
