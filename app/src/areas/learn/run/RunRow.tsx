import { OPERATION_WORDS, type UnitSystem } from '@pike-stone/words';
import { GOAL_WORDS } from '@pike-stone/words/learn';
import type { Shown } from '../../../data/records';
import { dayOf } from '../../../kit/day';
import { Row } from '../../../kit/Row';
import { Words } from '../../../kit/Words';
import { sizeWords } from '../../book/size-words';

/** How a run ended, for the end of a line. */
export const ENDED_WORDS = { met: '✓ met', stuck: '✗ stuck', 'given-up': 'given up' } as const;

/** A run as a line of a list. */
export function RunRow({
  record,
  units,
  onPress,
  chosen = false,
}: {
  record: Shown<'runs'>;
  units: UnitSystem;
  onPress: () => void;
  chosen?: boolean;
}) {
  const { body } = record;
  const size = sizeWords({ ...body.cut, diameterMm: body.cut.workDiameterMm }, units);
  return (
    <Row
      title={body.name}
      about={`${GOAL_WORDS[body.goal].title}, ${OPERATION_WORDS[body.cut.operation].verb.toLowerCase()} ${size}, ${dayOf(body.startedAt)}`}
      waiting={record.waiting}
      chosen={chosen}
      aside={<Words role="label">{body.ended ? ENDED_WORDS[body.ended] : 'open'}</Words>}
      onPress={onPress}
    />
  );
}
