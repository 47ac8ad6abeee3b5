import { positive } from '../quantity/out-of-range';
import { spindleSpeed } from './spindle-speed';

/** The shop-floor formulas for spindle speed; CS in sfm and D in inch, or v in m/min and D in mm. */
export const SHORTCUTS = {
  '4*CS/D': { inch: true, constant: 4 },
  '3.82*CS/D': { inch: true, constant: 3.82 },
  '12*CS/(pi*D)': { inch: true, constant: 12 / Math.PI },
  '1000*v/(pi*D)': { inch: false, constant: 1000 / Math.PI },
  '320*v/D': { inch: false, constant: 320 },
  '300*v/D': { inch: false, constant: 300 },
} as const;

export type Shortcut = keyof typeof SHORTCUTS;

export interface ShortcutResult {
  readonly shortcutRpm: number;
  readonly exactRpm: number;
  /** Signed, percent of the exact speed; depends on neither v nor D. */
  readonly errorPercent: number;
}

/**
 * A shop shortcut beside the exact relation.
 *
 * @param cuttingSpeed  sfm when the shortcut says CS, else m/min
 * @param diameter      inch when the shortcut says CS, else mm
 * @example shopShortcut('4*CS/D', 90, 0.75) // 480 against 458.4 rpm, +4.72 %
 */
export function shopShortcut(shortcut: Shortcut, cuttingSpeed: number, diameter: number): ShortcutResult {
  const rule = SHORTCUTS[shortcut];
  positive('cutting speed', cuttingSpeed);
  positive('diameter', diameter);
  const exactRpm = rule.inch
    ? spindleSpeed(cuttingSpeed * 0.3048, diameter * 25.4)
    : spindleSpeed(cuttingSpeed, diameter);
  const shortcutRpm = (rule.constant * cuttingSpeed) / diameter;
  return { shortcutRpm, exactRpm, errorPercent: 100 * (shortcutRpm / exactRpm - 1) };
}

/** The same from metric values, whatever units the shortcut is written in. */
export function shopShortcutMetric(shortcut: Shortcut, mPerMin: number, diameterMm: number): ShortcutResult {
  return SHORTCUTS[shortcut].inch
    ? shopShortcut(shortcut, mPerMin / 0.3048, diameterMm / 25.4)
    : shopShortcut(shortcut, mPerMin, diameterMm);
}
