import { minutesAtWheel, type BitRead, type Reading, type StepRead } from '@pike-stone/core/grind';
import { capital } from '../capital';
import { formatAngle, formatLength, joined, type UnitSystem } from '../format';

const ALONG: Readonly<Record<Reading['plane'], string>> = {
  'across-shank': 'across',
  'along-shank': 'along',
};

/** What is read on one face of the solid: its angles, the radius of a round one, or what it took. */
export function sayFaceRead({ face, readings, removedMm3 }: StepRead, units: UnitSystem): string {
  if (face === null) return 'gone';
  const [one, other] = readings;
  if (other) return readings.map(({ plane, deg }) => `${formatAngle(deg, 1)} ${ALONG[plane]}`).join(', ');
  if (one) return formatAngle(one.deg, 1);
  return face.hollow
    ? `R ${formatLength(face.hollow.radiusMm, units).figure}`
    : `${Math.round(removedMm3)} mm³`;
}

/** Wedge, weakest section, hollow and time at the wheel in one line. */
export function sayBitRead(
  { wedgeDeg, least, blank, steps, removedMm3 }: BitRead,
  units: UnitSystem,
): string {
  const size = (mm: number): string => joined(formatLength(mm, units));
  const hollowMm = Math.max(
    0,
    ...steps.map(({ face, readings }) => (readings.length > 0 ? (face?.hollow?.sagittaMm ?? 0) : 0)),
  );
  const parts = [
    wedgeDeg === null ? null : `wedge ${formatAngle(wedgeDeg, 0)} square to the edge`,
    `least section ${Math.round((100 * least.areaMm2) / blank.areaMm2)} % of the blank, ${size(-least.atMm)} behind the end`,
    hollowMm > 0 ? `hollow ${size(hollowMm)} deep` : null,
    `about ${Math.max(1, Math.round(minutesAtWheel(removedMm3)))} minutes at the wheel with the pauses`,
  ];
  return capital(`${parts.filter((part) => part !== null).join('; ')}.`);
}
