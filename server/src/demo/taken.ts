import type { CutBody, CutChoice } from '@pike-stone/contract';
import type { Parameter, SignKey } from '@pike-stone/core/learn';

/** A cut of the demo, its records by their places in the lists. */
export interface Taken {
  readonly on: string;
  readonly machine: number;
  readonly stock: number;
  readonly tool: string;
  readonly choice: Partial<CutChoice> & Pick<CutChoice, 'operation'>;
  readonly outcome: CutBody['outcome'];
  readonly remark: string;
  /** Values really set at the machine, as shares of the planned ones. */
  readonly feedShare?: number;
  readonly set?: Partial<CutBody['set']>;
  readonly measured?: CutBody['measured'];
  /** Of a trial of a run: the run, what was changed before it, and what was seen. */
  readonly trial?: {
    readonly run: number;
    readonly changed: Parameter | null;
    readonly better?: true;
    readonly signs: readonly SignKey[];
  };
}
