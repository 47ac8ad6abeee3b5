import type { MachineBody } from '@pike-stone/contract';
import type { BeltMoves, Drive } from '@pike-stone/core/drive';
import { formatSpindleSpeed } from '@pike-stone/words';
import { settingParts } from '@pike-stone/words/drive';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Caution } from '../../../kit/Caution';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { DriveDrawing } from '../drive/DriveDrawing';
import type { Job } from './JobPanel';
import type { NamedPosition } from './positions';

interface OrderProps {
  readonly machine: MachineBody;
  readonly jobs: readonly Job[];
  readonly positions: readonly NamedPosition[];
  readonly start: string | null;
  readonly answer: Extract<BeltMoves, { feasible: true }>;
  readonly unit: string;
}

/** The order step by step: what to change on the drive, then the jobs done there. */
export function Order({ machine, jobs, positions, start, answer, unit }: OrderProps) {
  const units = useUnits();
  const of = (id: string) => positions.find((one) => one.id === id)!;
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">
          {answer.positionChanges === 0
            ? 'No change at all'
            : `${answer.positionChanges} ${answer.positionChanges === 1 ? 'change' : 'changes'}, ${Number(answer.totalCost.toFixed(1))} points`}
        </Words>
        <View role="list" aria-label="Order of the jobs" style={styles.list}>
          {answer.order.map(({ job, position }, i) => {
            const here = of(position);
            const beforeId = answer.order[i - 1]?.position ?? start;
            const before = beforeId === null ? null : of(beforeId);
            const changed = before
              ? Object.keys(here.settings).filter((name) => here.settings[name] !== before.settings[name])
              : [];
            const moves = before === null || changed.length > 0;
            return (
              <View key={job} role="listitem" style={styles.tight}>
                {moves && (
                  <Words role="strong">
                    {before === null
                      ? `Set ${here.words.toLowerCase()}`
                      : `Change: ${sayChange(machine.drive, here, changed)}`}
                  </Words>
                )}
                {moves && machine.drive && here.at && (
                  <DriveDrawing
                    drive={machine.drive}
                    at={here.at}
                    units={units}
                    height={310}
                    end={machine.kind === 'shaper' ? 'crank' : 'spindle'}
                    changed={new Set(changed.map((name) => Number(name)))}
                  />
                )}
                <Words>
                  {`${i + 1}. ${jobs.find((one) => one.id === job)?.name} at ${formatSpindleSpeed(here.rpm).figure} ${unit}`}
                  <Words role="note">{moves ? '' : ', nothing to change'}</Words>
                </Words>
              </View>
            );
          })}
        </View>
        <Words role="note">
          A suggestion: clamping, concentricity and roughing before finishing come first; say so with “must
          come after”.
        </Words>
      </View>
      <Caution level="caution">
        Isolate for every belt and gear; bull-gear pin out before the back gear goes in. Guards back before
        the switch.
      </Caution>
    </Sheet>
  );
}

/** The settings that differ between two positions, such as "belt 2, back gear in". */
function sayChange(drive: Drive | undefined, here: NamedPosition, changed: readonly string[]): string {
  const { at, rpm, words, settings } = here;
  if (!drive || !at) return changed.map((name) => String(settings[name])).join(', ');
  const said = settingParts(drive, { at, rpm }).filter(
    (part, i) => part !== '' && changed.includes(i === 0 ? 'motor' : String(i - 1)),
  );
  return (said.join(', ') || words).toLowerCase();
}

const styles = sheet({
  group: { padding: SPACE.edge, gap: SPACE.close },
  list: { gap: SPACE.near },
  tight: { gap: SPACE.hair },
});
