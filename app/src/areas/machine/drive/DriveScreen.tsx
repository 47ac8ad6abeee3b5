import { machineBody, type MachineBody } from '@pike-stone/contract';
import { formatPower, joined, MACHINE_WORDS } from '@pike-stone/words';
import { driveDoubts, driveTorque, measuresOf, stageOptions } from '@pike-stone/core/drive';
import { driveDoubtWords, settingWords } from '@pike-stone/words/drive';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { usePreferences, useUnits } from '../../../data/preferences';
import { putBack, save, useRecords, type Shown } from '../../../data/records';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Choice } from '../../../kit/Choice';
import { Empty, Loading } from '../../../kit/Empty';
import { Keypad } from '../../../kit/Keypad';
import { Panel } from '../../../kit/Panel';
import { Row } from '../../../kit/Row';
import { Screen, Sheet } from '../../../kit/Screen';
import { TextBox } from '../../../kit/TextBox';
import { useUndo } from '../../../kit/Undo';
import { Words } from '../../../kit/Words';
import { SPACE } from '../../../theme/type';
import { FRESH_MACHINES } from '../fresh-machines';
import { DriveDrawing } from './DriveDrawing';
import {
  fittedAt,
  freshDrive,
  shapeOf,
  startingAt,
  useDriveDrafts,
  withNewPart,
  withoutPart,
  withPart,
  type DriveDraft,
  type StageKind,
} from './drive-draft';
import type { Wheel } from './drive-layout';
import { MotorPanel } from './MotorPanel';
import { PartPanel } from './PartPanel';
import { StepTable } from './StepTable';
import { PositionAnswer } from './PositionAnswer';
import { Disagreement } from './Disagreement';
import { PulleyKeypad } from './PulleyPanels';
import { partAbout, partTitle } from './drive-words';
import { motorFits, tableOf } from './drive-table';

/** The drive of a machine of the drawer, or of one that is being added. */
export function DriveScreen() {
  const { id, kind } = useLocalSearchParams<{ id: string; kind?: string }>();
  const router = useRouter();
  const { records, loading, error } = useRecords('machines');
  const record = records.find((one) => one.id === id);
  if (record) return <Drive key={id} id={id} record={record} body={record.body} />;
  if (loading || (error && records.length === 0)) return <Loading error={error} />;
  if (kind && kind in FRESH_MACHINES)
    return <Drive key={id} id={id} record={null} body={FRESH_MACHINES[kind as MachineBody['kind']]} />;
  return (
    <Empty
      title="Not in this drawer"
      action={<Button label="To the drawer" onPress={() => router.replace('/drawer')} />}
    >
      The address may belong to another shop or be mistyped.
    </Empty>
  );
}

type Editing =
  | { readonly what: 'pulley'; readonly wheel: Wheel }
  | { readonly what: 'part'; readonly stage: number }
  | { readonly what: 'motor' | 'add' | 'diameter' };

const ADDED: readonly { readonly kind: StageKind; readonly title: string; readonly about: string }[] = [
  { kind: 'belt', title: 'Belt', about: 'two cones of pulleys, or one fixed pair' },
  { kind: 'back-gear', title: 'Back gear', about: 'gears beside the spindle that slow it' },
  { kind: 'lever', title: 'Gear lever', about: 'a geared head: each position a pair of gears' },
  { kind: 'variable', title: 'Variable pulley', about: 'a hand wheel sets any speed while it runs' },
];

function Drive({ id, record, body }: { id: string; record: Shown<'machines'> | null; body: MachineBody }) {
  const router = useRouter();
  const units = useUnits();
  const say = useUndo((state) => state.say);
  const { drafts, keep, drop } = useDriveDrafts();
  const recentMm = usePreferences((state) => state.recent.reach?.[0]);
  // The version the page was opened from: a later one on the server makes a conflict and is not overwritten.
  const [begun] = useState<DriveDraft>(() => ({
    version: record?.version ?? 0,
    name: body.name,
    motor: body.motor,
    measures: measuresOf(body.speeds),
    drive: body.drive ?? freshDrive(body.kind),
  }));
  const draft = drafts[id] ?? begun;
  const { drive, motor } = draft;
  const [at, setAt] = useState<readonly number[]>(() => startingAt(drive));
  const [editing, setEditing] = useState<Editing | null>(null);
  const shaper = body.kind === 'shaper' ? body : null;
  const [diameterMm, setDiameterMm] = useState(
    shaper ? Math.min(200, shaper.limits?.strokeMm ?? 200) : (recentMm ?? 25),
  );
  const [fault, setFault] = useState<string>();
  const close = () => setEditing(null);
  const change = (next: Partial<DriveDraft>) => {
    setFault(undefined);
    const sameShape = next.drive === undefined || shapeOf(next.drive) === shapeOf(drive);
    if (!sameShape && draft.measures.length > 0)
      say('What was measured belonged to the drive as it was.', () => keep(id, draft));
    keep(id, { ...draft, ...next, measures: sameShape ? (next.measures ?? draft.measures) : [] });
  };
  const leave = () =>
    router.canGoBack()
      ? router.back()
      : router.replace(record ? `/drawer/machines/${id}` : '/drawer?kind=machines');

  const counts = [drive.motorRpm.length, ...drive.stages.map((stage) => stageOptions(stage).length)];
  const set = fittedAt(at, counts);
  const table = tableOf(draft);
  const position = table?.positions.find((one) => one.at.every((option, i) => option === set[i]));
  const step = table?.steps.find((one) => one.position === position?.id);
  const rpm = step?.rpm ?? position?.rpm;
  const unit = body.kind === 'shaper' ? 'strokes/min' : 'rpm';

  const keepIt = async () => {
    if (draft.name.trim() === '') return setFault('Give it a name.');
    if (!table) return setFault('More speeds than a table can hold (60). Fewer steps, please.');
    const next = { ...body, name: draft.name, drive, motor, speeds: table.steps };
    const read = machineBody.safeParse(next);
    if (!read.success) return setFault(read.error.issues[0]?.message);
    const result = await save('machines', id, draft.version, read.data, record?.archived ?? false);
    if (result.sent === 'refused')
      return setFault(result.refusal.problem.fields?.[0]?.message ?? result.refusal.message);
    drop(id);
    if (result.sent !== 'conflict')
      say(
        `${draft.name} has ${table.steps.length} speeds.`,
        record ? () => void putBack('machines', { ...record, version: draft.version }) : undefined,
      );
    router.replace(`/drawer/machines/${id}`);
  };
  const changed = drafts[id] !== undefined;
  const part = editing?.what === 'part' ? drive.stages[editing.stage] : undefined;
  const side = (
    <>
      {table && (
        <Sheet>
          <View style={styles.group}>
            <Words role="heading">All its speeds</Words>
            <Disagreement table={table} draft={draft} onForget={(measures) => change({ measures })} />
            <StepTable
              steps={table.steps}
              chosen={step?.position}
              unit={unit}
              onChoose={(one) =>
                setAt(table.positions.find(({ id: name }) => name === one.position)?.at ?? set)
              }
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
          onPress={() => setEditing({ what: 'motor' })}
        />
        {drive.stages.map((stage, i) => (
          <Row
            key={i}
            title={partTitle(stage)}
            about={partAbout(stage, units)}
            onPress={() => setEditing({ what: 'part', stage: i })}
          />
        ))}
        <View style={styles.group}>
          <Button
            label="Add a part"
            onPress={() => setEditing({ what: 'add' })}
            disabled={drive.stages.length >= 8}
          />
        </View>
      </Sheet>
    </>
  );
  return (
    <Screen
      title={record ? 'Drive' : `New ${MACHINE_WORDS[body.kind]}`}
      about={record ? body.name : 'from its pulleys and gears'}
      onBack={leave}
      side={side}
      footer={
        <>
          <Button
            label="As before"
            says="Put everything back as it was"
            disabled={!changed}
            onPress={() => {
              drop(id);
              say('As it was before.', () => keep(id, draft));
            }}
          />
          <Button
            kind="main"
            label={record ? 'Keep the drive' : 'Add to the drawer'}
            onPress={() => void keepIt()}
            style={styles.grow}
          />
        </>
      }
    >
      {!record && (
        <View style={styles.pad}>
          <TextBox
            label="Name"
            value={draft.name}
            onChange={(name) => change({ name })}
            fault={fault === 'Give it a name.' ? fault : undefined}
          />
        </View>
      )}
      {drive.motorRpm.length > 1 && (
        <View style={styles.pad}>
          <Choice
            says="Motor"
            value={String(set[0])}
            onChange={(value) => setAt([Number(value), ...set.slice(1)])}
            options={drive.motorRpm.map((one, i) => ({
              value: String(i),
              label: `${i === 0 ? 'Slow' : 'Fast'}, ${one}`,
            }))}
          />
        </View>
      )}
      <DriveDrawing
        drive={drive}
        at={set}
        units={units}
        height={380}
        end={shaper ? 'crank' : 'spindle'}
        onPick={(which, option) => setAt(set.map((one, i) => (i === which ? option : one)))}
        onPulley={(wheel) => setEditing({ what: 'pulley', wheel })}
      />
      {record && !body.drive && (
        <View style={styles.pad}>
          <Words role="note">
            Nothing was drawn yet: this is a beginning. Keeping it puts its speeds in place of the list.
          </Words>
        </View>
      )}
      {fault && fault !== 'Give it a name.' && (
        <View style={styles.pad}>
          <Words role="fault" aria-live="polite">
            {fault}
          </Words>
        </View>
      )}
      <Sheet>
        {position && rpm !== undefined ? (
          <PositionAnswer
            words={settingWords(drive, position)}
            rpm={rpm}
            step={step}
            unit={unit}
            diameterMm={diameterMm}
            onDiameter={() => setEditing({ what: 'diameter' })}
            shaper={shaper}
            torque={motor && motorFits(motor) ? driveTorque(drive, motor, position, rpm) : null}
          />
        ) : (
          <View style={styles.group}>
            <Words role="fault">More speeds than a table can hold (60). Fewer steps, please.</Words>
          </View>
        )}
        {driveDoubts(drive).map((doubt) => {
          const words = driveDoubtWords(drive, doubt);
          return (
            <Caution key={words} level="caution">
              {words}
            </Caution>
          );
        })}
        <Caution level="caution">
          {drive.stages.some((stage) => stage.kind === 'back-gear')
            ? 'Isolate before touching belts or gears; bull-gear pin out before the back gear goes in. Guards back before the switch.'
            : 'Isolate before touching belts or gears. Guards back before the switch.'}
        </Caution>
      </Sheet>
      {editing?.what === 'pulley' && (
        <PulleyKeypad
          draft={draft}
          wheel={editing.wheel}
          onSet={(next) => change({ drive: next })}
          onClose={close}
        />
      )}
      {editing?.what === 'diameter' && (
        <Keypad
          title={shaper ? 'Length of the stroke' : 'Diameter in the spindle'}
          place={shaper ? 'stroke' : 'reach'}
          valueMm={diameterMm}
          limits={{ lowMm: 0.5, highMm: shaper?.limits?.strokeMm ?? 3000 }}
          onSet={setDiameterMm}
          onClose={close}
        />
      )}
      {editing?.what === 'motor' && (
        <MotorPanel
          motorRpm={drive.motorRpm}
          motor={motor}
          onClose={close}
          onSet={(motorRpm, next) => {
            change({ drive: { ...drive, motorRpm }, motor: next });
            close();
          }}
        />
      )}
      {part && editing?.what === 'part' && (
        <PartPanel
          part={part}
          onClose={close}
          onRemove={
            drive.stages.length > 1
              ? () => {
                  change({ drive: withoutPart(drive, editing.stage) });
                  close();
                }
              : null
          }
          onSet={(next) => {
            change({ drive: withPart(drive, editing.stage, next) });
            close();
          }}
        />
      )}
      {editing?.what === 'add' && (
        <Panel title="Add a part" onClose={close}>
          {ADDED.filter(
            ({ kind }) => kind !== 'back-gear' || !drive.stages.some((stage) => stage.kind === 'back-gear'),
          ).map(({ kind, title, about }) => (
            <Row
              key={kind}
              title={title}
              about={about}
              onPress={() => {
                change({ drive: withNewPart(drive, kind) });
                close();
              }}
            />
          ))}
        </Panel>
      )}
    </Screen>
  );
}

const styles = StyleSheet.create({
  grow: { flex: 1 },
  pad: { paddingHorizontal: SPACE.edge },
  group: { padding: SPACE.edge, gap: SPACE.close },
});
