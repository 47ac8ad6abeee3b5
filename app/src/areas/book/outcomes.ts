import type { CutBody } from '@pike-stone/contract';

export const OUTCOMES: readonly { readonly value: CutBody['outcome']; readonly label: string }[] = [
  { value: 'worked', label: 'Worked' },
  { value: 'so-so', label: 'So-so' },
  { value: 'did-not-work', label: 'Did not work' },
];

/** Short words for the end of a line. */
export const OUTCOME_MARK: Readonly<Record<CutBody['outcome'], string>> = {
  worked: '✓ worked',
  'so-so': '≈ so-so',
  'did-not-work': '✗ did not',
};
