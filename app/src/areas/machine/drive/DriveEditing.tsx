import { Panel } from '../../../kit/Panel';
import { Row } from '../../../kit/Row';
import { withNewPart, withoutPart, withPart, type DriveDraft, type StageKind } from './drive-draft';
import type { Wheel } from './drive-layout';
import { MotorPanel } from './MotorPanel';
import { PartPanel } from './PartPanel';
import { PulleyKeypad } from './PulleyPanels';

/** The part of the drive that is open to be changed. */
export type Editing =
  | { readonly what: 'pulley'; readonly wheel: Wheel }
  | { readonly what: 'part'; readonly stage: number }
  | { readonly what: 'motor' | 'add' };

const ADDED: readonly { readonly kind: StageKind; readonly title: string; readonly about: string }[] = [
  { kind: 'belt', title: 'Belt', about: 'two cones of pulleys, or one fixed pair' },
  { kind: 'back-gear', title: 'Back gear', about: 'gears beside the spindle that slow it' },
  { kind: 'lever', title: 'Gear lever', about: 'a geared head: each position a pair of gears' },
  { kind: 'variable', title: 'Variable pulley', about: 'a hand wheel sets any speed while it runs' },
];

/** The panel of the pulley, the motor or the part that is open; each closes when it is set. */
export function DriveEditing({
  draft,
  editing,
  onChange,
  onClose,
}: {
  draft: DriveDraft;
  editing: Editing;
  onChange: (next: Partial<DriveDraft>) => void;
  onClose: () => void;
}) {
  const { drive, motor } = draft;
  const change = (next: Partial<DriveDraft>) => {
    onChange(next);
    onClose();
  };
  switch (editing.what) {
    case 'pulley':
      return (
        <PulleyKeypad
          draft={draft}
          wheel={editing.wheel}
          onSet={(next) => onChange({ drive: next })}
          onClose={onClose}
        />
      );
    case 'motor':
      return (
        <MotorPanel
          motorRpm={drive.motorRpm}
          motor={motor}
          onClose={onClose}
          onSet={(motorRpm, next) => change({ drive: { ...drive, motorRpm }, motor: next })}
        />
      );
    case 'part': {
      const part = drive.stages[editing.stage];
      if (!part) return null;
      return (
        <PartPanel
          part={part}
          onClose={onClose}
          onRemove={
            drive.stages.length > 1 ? () => change({ drive: withoutPart(drive, editing.stage) }) : null
          }
          onSet={(next) => change({ drive: withPart(drive, editing.stage, next) })}
        />
      );
    }
    case 'add': {
      const geared = drive.stages.some((stage) => stage.kind === 'back-gear');
      return (
        <Panel title="Add a part" onClose={onClose}>
          {ADDED.filter(({ kind }) => kind !== 'back-gear' || !geared).map(({ kind, title, about }) => (
            <Row
              key={kind}
              title={title}
              about={about}
              onPress={() => change({ drive: withNewPart(drive, kind) })}
            />
          ))}
        </Panel>
      );
    }
  }
}
