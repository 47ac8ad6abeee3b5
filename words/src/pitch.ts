import type { UnitSystem } from './format';

const MM_PER_INCH = 25.4;
const LIMITS_MM = [0.1, 50] as const;

/** "1.25 mm" and "20 tpi" read either way; a bare number is what the units say. */
export function wantedPitch(
  text: string,
  units: UnitSystem,
): { readonly mm?: number; readonly fault?: string } {
  const found = /^(\d+(?:[.,]\d+)?)\s*(mm|tpi)?$/i.exec(text.trim());
  if (!found) return { fault: 'Type a pitch like 1.25 mm, or threads per inch like 20 tpi.' };
  const value = Number(found[1]!.replace(',', '.'));
  const unit = found[2]?.toLowerCase() ?? (units === 'mm' ? 'mm' : 'tpi');
  const mm = unit === 'mm' ? value : MM_PER_INCH / value;
  return mm >= LIMITS_MM[0] && mm <= LIMITS_MM[1]
    ? { mm }
    : {
        fault: `Must be from ${LIMITS_MM[0]} to ${LIMITS_MM[1]} mm, or ${(MM_PER_INCH / LIMITS_MM[1]).toFixed(2)} to ${MM_PER_INCH / LIMITS_MM[0]} tpi.`,
      };
}

/** A pitch both ways, the one in use first: "1.25 mm (20.32 tpi)". */
export function pitchOf(mm: number, units: UnitSystem): string {
  const metric = `${Number(mm.toPrecision(5))}\u00a0mm`;
  const inch = `${Number((MM_PER_INCH / mm).toPrecision(5))}\u00a0tpi`;
  return units === 'mm' ? `${metric} (${inch})` : `${inch} (${metric})`;
}
