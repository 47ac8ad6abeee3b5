import { feedPer, speedUnit, type CutSetup } from '@pike-stone/core';
import type { Setting, SetParameter } from '@pike-stone/core/learn';
import { formatFeedPerTurn, formatLength, formatSpindleSpeed, joined, type UnitSystem } from '../format';
import { OPERATION_WORDS } from '../operation/words-of';

type OfCut = Pick<CutSetup, 'operation'>;

/** A value that is set at the machine. */
export function saySet(parameter: SetParameter, value: number, cut: OfCut, units: UnitSystem): string {
  if (parameter === 'speed') return joined(formatSpindleSpeed(value, speedUnit(cut)));
  return joined(
    parameter === 'feed' ? formatFeedPerTurn(value, units, feedPer(cut)) : formatLength(value, units),
  );
}

/** Speed, feed and depth of a cut in a line: "1000 rpm, 0.16 mm/rev, 1 mm". */
export const saySetting = ({ rpm, feedMmRev, depthMm }: Setting, cut: OfCut, units: UnitSystem): string =>
  [
    saySet('speed', rpm, cut, units),
    saySet('feed', feedMmRev, cut, units),
    saySet('depth', depthMm, cut, units),
  ].join(', ');

/** Longest name of a record. */
const NAME_LENGTH = 60;
/** What a cut is called where nobody named it: "Turn Winch shaft bar". */
export const nameOfCut = (operation: CutSetup['operation'], stock: string): string =>
  `${OPERATION_WORDS[operation].verb} ${stock}`.slice(0, NAME_LENGTH);
