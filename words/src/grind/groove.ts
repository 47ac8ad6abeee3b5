import { STOCK_MM, type GrooveInCut } from '@pike-stone/core/grind';
import { CHIP_WORDS } from '../forecast/chip';
import { formatAngle, formatLength, joined, type UnitSystem } from '../format';

/** What a chip breaker does, the chip first. */
export function sayGroove(
  told: GrooveInCut,
  cut: { readonly depthMm: number; readonly feedMm: number },
  units: UnitSystem,
): { readonly chip: string; readonly more: readonly string[] } {
  const size = (mm: number): string => joined(formatLength(mm, units));
  const deg = (value: number): string => formatAngle(value, 0);
  const { chip } = told;
  const missed = chip.forcedCurlMm === null ? '; the land is too wide for it to reach the groove' : '';
  return {
    chip: `${chip.breaks ? 'The chip breaks' : 'The chip does not break'}: ${CHIP_WORDS[chip.chip].toLowerCase()}.`,
    more: [
      `At ${size(cut.depthMm)} deep and ${size(cut.feedMm)} a turn it comes off ${size(chip.thicknessMm)} thick and curls to ${size(chip.curlMm)}${missed}.`,
      `Groove ${size(told.depthMm)} deep. Rake at its lip ${deg(told.lipRakeDeg)}, after one regrind ${deg(told.afterOne.rakeDeg)}, wedge then ${deg(told.afterOne.wedgeDeg)}.`,
      `Recut it after ${told.regrinds} regrinds of ${size(STOCK_MM.touchUp)}: its rake is then down to ${deg(told.leastRakeDeg)}.`,
    ],
  };
}
