import type { UnitSystem } from '@pike-stone/words';
import { Choice } from './Choice';

/** Sheets that offices print on. */
export type PaperSize = 'a4' | 'letter';

/** The sheet that is usual where these units are. */
export const usualPaper = (units: UnitSystem): PaperSize => (units === 'inch' ? 'letter' : 'a4');

export function PaperChoice({ value, onChange }: { value: PaperSize; onChange: (paper: PaperSize) => void }) {
  return (
    <Choice
      says="Paper"
      value={value}
      onChange={onChange}
      options={[
        { value: 'a4', label: 'A4' },
        { value: 'letter', label: 'Letter' },
      ]}
    />
  );
}
