import { feedPer, speedUnit } from '@pike-stone/core';
import {
  formatFeedPerTurn,
  formatSpindleSpeed,
  joined,
  OPERATION_WORDS,
  type UnitSystem,
} from '@pike-stone/words';
import type { Shown } from '../../data/records';
import { dayOf } from '../../kit/day';
import { Row } from '../../kit/Row';
import { Words } from '../../kit/Words';
import { OUTCOME_MARK } from './outcomes';
import { sizeWords } from './size-words';

/** One past cut as a line of a list. */
export function CutRow({
  record,
  units,
  chosen = false,
  onPress,
}: {
  record: Shown<'cuts'>;
  units: UnitSystem;
  chosen?: boolean;
  onPress: () => void;
}) {
  const { body } = record;
  return (
    <Row
      title={`${OPERATION_WORDS[body.operation].verb} ${body.names.stock}, ${sizeWords(body, units)}`}
      waiting={record.waiting}
      quiet={record.archived}
      chosen={chosen}
      about={`${joined(formatSpindleSpeed(body.set.rpm, speedUnit(body)))}, ${joined(formatFeedPerTurn(body.set.feedMmRev, units, feedPer(body)))}, ${body.names.machine}, ${dayOf(body.takenAt)}`}
      aside={<Words role="label">{OUTCOME_MARK[body.outcome]}</Words>}
      onPress={onPress}
    />
  );
}
