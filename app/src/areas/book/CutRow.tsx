import { feedPer, speedUnit } from '@pike-stone/core';
import { formatFeedPerTurn, formatSpindleSpeed, joined, OPERATION_WORDS } from '@pike-stone/words';
import { useUnits } from '../../data/preferences';
import type { Shown } from '../../data/records';
import { Row } from '../../kit/Row';
import { Words } from '../../kit/Words';
import { OUTCOME_MARK } from './outcomes';
import { sizeWords } from './size-words';

/** A date as "12 Nov", with the year when it is not the present one. */
export function dayOf(iso: string, now = new Date()): string {
  const day = new Date(iso);
  return day.toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'short',
    ...(day.getFullYear() === now.getFullYear() ? {} : { year: 'numeric' }),
  });
}

/** One past cut as a line of a list. */
export function CutRow({
  record,
  chosen = false,
  onPress,
}: {
  record: Shown<'cuts'>;
  chosen?: boolean;
  onPress: () => void;
}) {
  const units = useUnits();
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
