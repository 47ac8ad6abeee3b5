/** One line of the chain that leads to a number. */
export interface WorkingLine {
  readonly key: string;
  readonly kind: 'chart' | 'choice' | 'factor' | 'relation' | 'check' | 'machine' | 'result';
  readonly label: string;
  readonly value: string;
  readonly reason?: string | undefined;
  readonly source?: string | undefined;
}

/** Where a value comes from. */
export const LIBRARY = 'library, typical';
export const OWN = 'your shop’s own value';
export const EXACT = 'exact';
