import { REMARK_LENGTH, type CutBody } from '@pike-stone/contract';
import { feedPer, OPERATIONS, speedUnit, surfaceSpeed } from '@pike-stone/core';
import {
  formatFeedPerTurn,
  formatLength,
  formatSpindleSpeed,
  formatSurfaceSpeed,
  joined,
  OPERATION_WORDS,
} from '@pike-stone/words';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { useRecord } from '../../data/record';
import { putBack, save, type Shown } from '../../data/records';
import { backOr, useGoOn } from '../../kit/back';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { Loading } from '../../kit/Empty';
import { Screen, Sheet } from '../../kit/Screen';
import { TextBox } from '../../kit/TextBox';
import { useBusy } from '../../kit/useBusy';
import { useUndo } from '../../kit/Undo';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { themed } from '../../theme/theme';
import { SPACE } from '../../theme/type';
import { NotHere } from '../NotHere';
import { dayOf } from '../../kit/day';
import { cutAddress } from './cut-address';
import { EntrySeen } from './EntrySeen';
import { sizeWords } from './size-words';
import { OUTCOMES } from './outcomes';

/** One past cut, as planned and as really set. */
export function Entry({ id, inPane = false }: { id: string; inPane?: boolean }) {
  const { record, loading, error } = useRecord('cuts', id);
  if (record) return <Known record={record} inPane={inPane} />;
  if (loading || error) return <Loading error={error} />;
  return <NotHere place="book" />;
}

function Known({ record, inPane }: { record: Shown<'cuts'>; inPane: boolean }) {
  const router = useRouter();
  const goOn = useGoOn();
  const say = useUndo((state) => state.say);
  const { body } = record;
  // Only what was changed here: the record itself may be read anew while this page is open.
  const [edited, setEdited] = useState<{ outcome?: CutBody['outcome']; remark?: string }>({});
  const { outcome, remark } = { ...body, ...edited };
  const [fault, setFault] = useState<string>();
  const changed = outcome !== body.outcome || remark.trim() !== body.remark;
  const write = async (next: CutBody, archived = record.archived) => {
    const result = await save('cuts', record.id, record.version, next, archived);
    if ('refusal' in result && result.sent !== 'conflict') setFault(result.refusal.message);
    return result;
  };
  const keep = async () => {
    if (remark.trim().length > REMARK_LENGTH)
      return setFault(`Keep the remark under ${REMARK_LENGTH} characters.`);
    setFault(undefined);
    const { sent } = await write({ ...body, outcome, remark: remark.trim() });
    if (sent !== 'saved') return;
    setEdited({});
    say('Kept.');
  };
  const keeping = useBusy(keep);
  const archive = async () => {
    await write(body, true);
    say('Taken out of the book’s list.', () => void putBack('cuts', { ...record, body, archived: false }));
    goOn('/book');
  };
  const archiving = useBusy(archive);
  return (
    <Screen
      title={`${OPERATION_WORDS[body.operation].verb} ${body.names.stock}`}
      about={`${body.names.machine}, ${body.names.tool}, ${dayOf(body.takenAt)}${record.waiting ? ', waiting to be sent' : ''}`}
      onBack={inPane ? undefined : () => backOr(router, '/book')}
      inPane={inPane}
      footer={
        <>
          <Button label="Archive" busy={archiving.busy} onPress={archiving.press} />
          <Button
            kind="main"
            label="Open in Cut"
            onPress={() => router.push(cutAddress(body))}
            style={styles.fill}
          />
        </>
      }
    >
      <Sheet>
        <Numbers body={body} />
      </Sheet>
      <EntrySeen record={record} />
      <Sheet>
        <View style={styles.group}>
          <Words role="label">How it went</Words>
          <Choice
            says="How it went"
            value={outcome}
            onChange={(next) => setEdited({ ...edited, outcome: next })}
            options={OUTCOMES}
          />
          <TextBox
            label="Remark"
            value={remark}
            onChange={(next) => setEdited({ ...edited, remark: next })}
            lines={4}
            limit={REMARK_LENGTH}
            fault={fault}
          />
          {changed && <Button label="Keep the change" busy={keeping.busy} onPress={keeping.press} />}
        </View>
      </Sheet>
    </Screen>
  );
}

/** A value as planned beside the value that was really set. */
function Numbers({ body }: { body: CutBody }) {
  const styles = useStyles();
  const units = useUnits();
  const rows: readonly (readonly [string, string, string])[] = [
    [
      OPERATIONS[body.operation].turns === 'stroke' ? 'Ram' : 'Spindle',
      joined(formatSpindleSpeed(body.planned.rpm, speedUnit(body))),
      joined(formatSpindleSpeed(body.set.rpm, speedUnit(body))),
    ],
    [
      'Surface',
      joined(formatSurfaceSpeed(body.planned.aimMPerMin, units)),
      joined(formatSurfaceSpeed(surfaceSpeed(body.set.rpm, body.diameterMm), units)),
    ],
    [
      'Feed',
      joined(formatFeedPerTurn(body.planned.feedMmRev, units, feedPer(body))),
      joined(formatFeedPerTurn(body.set.feedMmRev, units, feedPer(body))),
    ],
    [
      'Depth',
      joined(formatLength(body.planned.depthMm, units)),
      joined(formatLength(body.set.depthMm, units)),
    ],
  ];
  return (
    <View style={styles.table}>
      <View style={styles.row}>
        <Words role="label" style={styles.first}>
          {sizeWords(body, units)}
        </Words>
        <Words role="label" style={styles.cell}>
          planned
        </Words>
        <Words role="label" style={styles.cell}>
          set
        </Words>
      </View>
      {rows.map(([name, planned, set]) => (
        <View key={name} style={styles.row}>
          <Words style={styles.first}>{name}</Words>
          <Words role="figure" style={[styles.cell, styles.quiet]}>
            {planned}
          </Words>
          <Words role="figure" style={[styles.cell, styles.set]}>
            {set}
          </Words>
        </View>
      ))}
      <Words role="note" style={styles.how}>
        {body.planned.setting}
      </Words>
    </View>
  );
}

const styles = sheet({ fill: { flex: 1 }, group: { padding: SPACE.edge, gap: SPACE.near } });
const useStyles = themed((c) =>
  sheet({
    table: { padding: SPACE.edge },
    row: {
      flexDirection: 'row',
      gap: SPACE.close,
      paddingVertical: 7,
      borderBottomWidth: 1,
      borderBottomColor: c.line,
      alignItems: 'baseline',
    },
    first: { width: 78 },
    cell: { flex: 1, minWidth: 0, textAlign: 'right' },
    quiet: { color: c.quiet },
    set: { fontWeight: '600' },
    how: { paddingTop: SPACE.close },
  }),
);
