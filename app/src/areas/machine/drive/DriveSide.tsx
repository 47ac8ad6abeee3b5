import type { SpeedTable } from '@pike-stone/core/drive';
import { formatPower, joined } from '@pike-stone/words';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Row } from '../../../kit/Row';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { Disagreement } from './Disagreement';
import type { DriveDraft } from './drive-draft';
import { partAbout, partTitle } from './drive-words';
import type { Editing } from './DriveEditing';
import { StepTable } from './StepTable';

const MOST_PARTS = 8;

/** Every speed of the drive, and its parts to be opened. */
export function DriveSide({
  draft,
  table,
  chosen,
  unit,
  onChoose,
  onForget,
  onEdit,
}: {
  draft: DriveDraft;
  /** Null when the drive has more speeds than a table can hold. */
  table: SpeedTable | null;
  /** Position of the step in use. */
  chosen: string | undefined;
  unit: string;
  onChoose: (at: readonly number[]) => void;
  onForget: (measures: DriveDraft['measures']) => void;
  onEdit: (what: Editing) => void;
}) {
  const units = useUnits();
  const { drive, motor } = draft;
  return (
    <>
      {table && (
        <Sheet>
          <View style={styles.group}>
            <Words role="heading">All its speeds</Words>
            <Disagreement table={table} draft={draft} onForget={onForget} />
            <StepTable
              steps={table.steps}
              chosen={chosen}
              unit={unit}
              onChoose={(one) => {
                const position = table.positions.find(({ id }) => id === one.position);
                if (position) onChoose(position.at);
              }}
            />
          </View>
        </Sheet>
      )}
      <Sheet>
        <View style={styles.group}>
          <Words role="heading">Its parts, from the motor</Words>
        </View>
        <Row
          title={`Motor ${drive.motorRpm.join(' / ')} rpm`}
          about={
            motor
              ? `${joined(formatPower(motor.powerKw, units))}, ${motor.phases === 3 ? 'three-phase' : 'single-phase'}, ${Math.round(motor.efficiency * 100)} % reaches the spindle`
              : 'power not known yet'
          }
          onPress={() => onEdit({ what: 'motor' })}
        />
        {drive.stages.map((stage, i) => (
          <Row
            key={i}
            title={partTitle(stage)}
            about={partAbout(stage, units)}
            onPress={() => onEdit({ what: 'part', stage: i })}
          />
        ))}
        <View style={styles.group}>
          <Button
            label="Add a part"
            onPress={() => onEdit({ what: 'add' })}
            disabled={drive.stages.length >= MOST_PARTS}
          />
        </View>
      </Sheet>
    </>
  );
}

const styles = sheet({ group: { padding: SPACE.edge, gap: SPACE.close } });
