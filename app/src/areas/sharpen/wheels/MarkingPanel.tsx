import {
  ABRASIVES,
  FAMILY_OF_MARK,
  readMarking,
  WHEEL_FORMS,
  type Abrasive,
  type WheelForm,
} from '@pike-stone/core/wheel';
import { capital } from '@pike-stone/words';
import { ABRASIVE_WORDS, FORM_WORDS, MARKING_FAULTS, sayMarking } from '@pike-stone/words/wheel';
import { useState } from 'react';
import { View } from 'react-native';
import { draftsNamed } from '../../../data/drafts';
import { Button } from '../../../kit/Button';
import { Choice } from '../../../kit/Choice';
import { Panel } from '../../../kit/Panel';
import { TextBox } from '../../../kit/TextBox';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { useWheelChange } from './change-wheel';
import type { ShownWheel } from './use-wheels';

/** Markings that were begun and not set. */
const useTyped = draftsNamed<string>('pike-markings');

/** The marking of a wheel as it is printed, read as it is typed; for a wheel without one, its abrasive. */
export function MarkingPanel({ wheel, onClose }: { wheel: ShownWheel; onClose: () => void }) {
  const { record } = wheel;
  const { body } = record;
  const { change } = useWheelChange(wheel);
  const [text, setText] = useState(() => useTyped.getState().drafts[record.id] ?? body.marking ?? '');
  const [abrasive, setAbrasive] = useState<Abrasive | null>(wheel.use.abrasive);
  const [form, setForm] = useState<WheelForm>(body.form ?? 'straight');
  const [asked, setAsked] = useState(false);
  const read = text.trim() === '' ? null : readMarking(text);
  const marking = read && typeof read !== 'string' ? read : null;
  const fault = typeof read === 'string' ? MARKING_FAULTS[read] : undefined;
  const type = (next: string) => {
    setText(next);
    useTyped.getState().keep(record.id, next);
  };
  const set = () => {
    setAsked(true);
    if (fault) return;
    change({
      marking: text.trim() || undefined,
      abrasive: marking ? FAMILY_OF_MARK[marking.abrasive] : (abrasive ?? undefined),
      grit: marking?.grit ?? body.grit,
      form,
      ...(marking?.maxSpeedMPerS && { ratedMPerS: marking.maxSpeedMPerS }),
    });
    useTyped.getState().drop(record.id);
    onClose();
  };
  return (
    <Panel
      title="Marking"
      onClose={onClose}
      footer={<Button kind="main" label="Set" onPress={set} style={styles.grow} />}
    >
      <View style={styles.body}>
        <TextBox
          figures
          label="As it is printed on the wheel"
          value={text}
          onChange={type}
          fault={asked ? fault : undefined}
          reading={marking ? undefined : 'such as WA 60 J 8 V 35 m/s'}
        />
        {!asked && fault && text.length > 6 && <Words role="note">{fault}</Words>}
        {marking && (
          <View testID="marking-read" style={styles.fields}>
            {sayMarking(marking).map(({ field, printed, means }) => (
              <Words key={field}>{`${field} ${printed}: ${means}`}</Words>
            ))}
          </View>
        )}
        {!marking && (
          <Choice
            says="Abrasive"
            value={abrasive}
            onChange={setAbrasive}
            options={ABRASIVES.map((value) => ({ value, label: capital(ABRASIVE_WORDS[value]) }))}
            about="Without a marking of this kind: what it is made of."
          />
        )}
        <Choice
          says="Shape of the wheel"
          value={form}
          onChange={setForm}
          options={WHEEL_FORMS.map((value) => ({ value, label: capital(FORM_WORDS[value].name) }))}
          about={FORM_WORDS[form].about}
        />
      </View>
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  body: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
  fields: { gap: SPACE.hair },
});
