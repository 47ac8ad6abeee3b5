import {
  USUAL_PIN,
  gearSizes,
  overPins,
  sinkForSpan,
  span,
  toothThickness,
  type Gear,
} from '@pike-stone/core/form';
import { unlessRefused } from '@pike-stone/core';
import { sayLength } from '../forecast/row';
import type { UnitSystem } from '../format';
import { sayFine, sayGauge } from './fine';

/** A reading this near is right, mm. */
const RIGHT_MM = 0.005;

/** Size over two pins, or why these pins do not serve. */
export function sayOverPins(gear: Gear, pinMm: number, units: UnitSystem): string {
  const over = unlessRefused(() => overPins(gear, pinMm), null);
  return over === null
    ? `Pins of ${sayLength(pinMm, units)} touch no flank or do not stand proud: take about ${sayLength(USUAL_PIN * gear.moduleMm, units)}.`
    : `Over two pins of ${sayLength(pinMm, units)}: ${sayGauge(over.overMm, units)}.`;
}

/** Span that a gear must measure; null where no span can be taken. */
export function saySpan(gear: Gear, units: UnitSystem): string | null {
  const wanted = unlessRefused(() => span(gear), null);
  return wanted && `Span over ${wanted.teeth} teeth: ${sayGauge(wanted.spanMm, units)} without backlash.`;
}

/** What a gear must measure by caliper, span and pins. */
export function sayToothMeasures(gear: Gear, units: UnitSystem): readonly string[] {
  const { chordMm, heightMm } = toothThickness(gear, gearSizes(gear).pitchMm / 2);
  const spanSays = saySpan(gear, units);
  return [
    `Gear caliper: ${sayLength(chordMm, units)} at ${sayLength(heightMm, units)} below the tip.`,
    ...(spanSays === null ? [] : [spanSays]),
    sayOverPins(gear, USUAL_PIN * gear.moduleMm, units),
  ];
}

/** What a reading over the teeth says of the depth. */
export function saySpanReading(gear: Gear, overMm: number, units: UnitSystem): string {
  if (Math.abs(overMm) < RIGHT_MM) return 'It is right.';
  return overMm > 0
    ? `${sayFine(overMm, units)} too large: cut ${sayLength(sinkForSpan(gear, overMm), units)} deeper.`
    : `${sayFine(-overMm, units)} too small: the backlash grows by that; a new blank if it is too much.`;
}

/** What a thread must measure over the wires in hand, and the wires that suit its pitch best. */
export const sayWires = (overMm: number, bestMm: number, units: UnitSystem): string =>
  `It must read ${sayGauge(overMm, units)}. Best wires for this pitch: ${sayGauge(bestMm, units)}.`;

/** What a reading over three wires says of the depth. */
export function sayWiresReading(overMm: number, units: UnitSystem): string {
  if (Math.abs(overMm) < RIGHT_MM) return 'It is right.';
  return overMm > 0
    ? `${sayFine(overMm, units)} too large: in by ${sayLength(overMm / 2, units)} on the radius.`
    : `${sayFine(-overMm, units)} too small.`;
}
