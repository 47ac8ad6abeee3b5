import type { Bit } from '../use-bit';

/** What every panel of a word of the sentence needs. */
export interface WordPanelProps {
  readonly bit: Bit;
  readonly onClose: () => void;
}
