import { machineBody, type MachineBody } from '@pike-stone/contract';
import { MACHINE_WORDS } from '@pike-stone/words';
import { driveDoubts, driveTorque, measuresOf, stageOptions } from '@pike-stone/core/drive';
import { driveDoubtWords, settingWords } from '@pike-stone/words/drive';
import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { usePreferences, useUnits } from '../../../data/preferences';
import { putBack, save, useRecords, type Shown } from '../../../data/records';
import { useGoOn, useLeave } from '../../../kit/back';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Choice } from '../../../kit/Choice';
import { Loading } from '../../../kit/Empty';
import { Keypad } from '../../../kit/Keypad';
import { Screen, Sheet } from '../../../kit/Screen';
import { TextBox } from '../../../kit/TextBox';
import { useBusy } from '../../../kit/useBusy';
import { useUndo } from '../../../kit/Undo';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { FRESH_MACHINES } from '../fresh-machines';
import { DriveDrawing } from './DriveDrawing';
import { fittedAt, freshDrive, shapeOf, startingAt, useDriveDrafts, type DriveDraft } from './drive-draft';
import { DriveEditing, type Editing } from './DriveEditing';
import { DriveSide } from './DriveSide';
import { NotHere } from '../../NotHere';
import { PositionAnswer } from './PositionAnswer';
import { motorFits, tableOf } from './drive-table';

/** The drive of a machine of the drawer, or of one that is being added. */
export function DriveScreen() {
  const { id, kind } = useLocalSearchParams<{ id: string; kind?: string }>();
  const { records, loading, error } = useRecords('machines');
  const record = records.find((one) => one.id === id);
  if (record) return <Drive key={id} id={id} record={record} body={record.body} />;
  if (loading || (error && records.length === 0)) return <Loading error={error} />;
  if (kind && kind in FRESH_MACHINES)
    return <Drive key={id} id={id} record={null} body={FRESH_MACHINES[kind as MachineBody['kind']]} />;
  return <NotHere />;
}

function Drive({ id, record, body }: { id: string; record: Shown<'machines'> | null; body: MachineBody }) {
  const goOn = useGoOn();
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
  const [editing, setEditing] = useState<Editing | { readonly what: 'diameter' } | null>(null);
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
  const leave = useLeave(record ? `/drawer/machines/${id}` : '/drawer?kind=machines');

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
    if (result.sent === 'unkept') return setFault(result.refusal.message);
    drop(id);
    if (result.sent !== 'conflict')
      say(
        `${draft.name} has ${table.steps.length} speeds.`,
        record ? () => void putBack('machines', { ...record, version: draft.version }) : undefined,
      );
    goOn(`/drawer/machines/${id}`);
  };
  const { busy, press } = useBusy(keepIt);
  const changed = drafts[id] !== undefined;
  return (
    <Screen
      title={record ? 'Drive' : `New ${MACHINE_WORDS[body.kind]}`}
      about={record ? body.name : 'from its pulleys and gears'}
      onBack={leave}
      side={
        <DriveSide
          draft={draft}
          table={table}
          chosen={step?.position}
          unit={unit}
          onChoose={setAt}
          onForget={(measures) => change({ measures })}
          onEdit={setEditing}
        />
      }
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
            busy={busy}
            onPress={press}
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
      {editing && editing.what !== 'diameter' && (
        <DriveEditing draft={draft} editing={editing} onChange={change} onClose={close} />
      )}
    </Screen>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  pad: { paddingHorizontal: SPACE.edge },
  group: { padding: SPACE.edge, gap: SPACE.close },
});
