import { positive } from '../quantity/out-of-range';
import { wholeIn } from '../quantity/whole';

/** A handwheel with its graduated collar. */
export interface Dial {
  readonly travelPerTurnMm: number;
  readonly divisions: number;
  /** What one division is marked with: slide travel, or twice it. */
  readonly reads: 'radius' | 'diameter';
  readonly backlashMm: number;
}

export interface DialReading {
  readonly divisionMarkedMm: number;
  readonly totalDivisions: number;
  readonly wholeTurns: number;
  readonly extraDivisions: number;
  readonly endDivision: number;
  readonly diameterChangeMm: number;
}

/**
 * Divisions to wind for a slide travel; the marking does not change their number.
 *
 * @param travelMm       signed: plus toward rising numbers
 * @param startDivision  where the collar stands now
 * @param reverses       the sense changes, so backlash is wound out first
 * @example dialReading({ travelPerTurnMm: 4, divisions: 80, reads: 'radius', backlashMm: 0 }, 1.15, 70).endDivision // 13
 */
export function dialReading(dial: Dial, travelMm: number, startDivision = 0, reverses = false): DialReading {
  positive('travel per turn', dial.travelPerTurnMm);
  positive('divisions', dial.divisions);
  const division = dial.travelPerTurnMm / dial.divisions;
  const total = (Math.abs(travelMm) + (reverses ? dial.backlashMm : 0)) / division;
  const wholeTurns = wholeIn(total / dial.divisions);
  const end = (startDivision + Math.sign(travelMm) * total) % dial.divisions;
  return {
    divisionMarkedMm: division * (dial.reads === 'diameter' ? 2 : 1),
    totalDivisions: total,
    wholeTurns,
    extraDivisions: Math.max(0, total - wholeTurns * dial.divisions),
    endDivision: end < 0 ? end + dial.divisions : end,
    diameterChangeMm: 2 * travelMm,
  };
}

/**
 * Turns and divisions of a screw for a move, to the nearest line.
 *
 * @param leadMm  travel of one turn
 * @param moveOn  the move is given on the radius or on the diameter
 * @param reads   what the dial is marked with
 */
export function dialTurns(
  leadMm: number,
  divisions: number,
  moveMm: number,
  moveOn: 'radius' | 'diameter',
  reads: 'radius' | 'diameter',
) {
  const travel = moveOn === 'diameter' ? moveMm / 2 : moveMm;
  const turns = travel / positive('lead of the screw', leadMm);
  const fullTurns = wholeIn(turns);
  const perDivision = leadMm / positive('divisions', divisions);
  const divisionsExact = Math.max(0, (turns - fullTurns) * divisions);
  const line = Math.round(divisionsExact);
  return {
    turns,
    fullTurns,
    divisionsExact,
    divisionLine: line === divisions ? 0 : line,
    travelPerDivisionMm: perDivision,
    markedPerDivisionMm: perDivision * (reads === 'diameter' ? 2 : 1),
    roundingErrorUm: (line - divisionsExact) * perDivision * 1000,
  };
}
