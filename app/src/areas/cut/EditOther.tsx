import { OPERATIONS, readNumber } from '@pike-stone/core';
import { taperFrom, type TaperSaid } from '@pike-stone/core/forecast';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { Panel } from '../../kit/Panel';
import { OPERATION_WORDS, pitchOf, wantedPitch } from '@pike-stone/words';
import { refusals } from '@pike-stone/words/misfit';
import { TextBox } from '../../kit/TextBox';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import type { Editing } from './useCut';

export interface EditOtherProps {
  readonly what: 'angle' | 'pitch';
  readonly cut: Editing;
  readonly onClose: () => void;
}

/** Panel for a figure that is not a length: an angle as drawings give it, or a pitch. */
export function EditOther(props: EditOtherProps) {
  return props.what === 'pitch' ? <EditPitch {...props} /> : <EditAngle {...props} />;
}

function EditPitch({ cut, onClose }: EditOtherProps) {
  const units = useUnits();
  const [text, setText] = useState('');
  const { figures, pitches } = OPERATION_WORDS[cut.setup.operation];
  const pitchMm = OPERATIONS[cut.setup.operation].asks.pitchMm?.(cut.setup);
  const read = wantedPitch(text, units);
  const refused = (mm: number | undefined) =>
    mm === undefined ? undefined : refusals(cut.trial({ pitchMm: mm }), units)[0];
  const fault = text !== '' ? (read.fault ?? refused(read.mm)) : undefined;
  const set = () => (text === '' ? onClose() : takeCalled(text));
  const takeCalled = (called: string) => {
    const { mm } = wantedPitch(called, units);
    if (mm !== undefined && !refused(mm)) take(mm);
  };
  const take = (pitchMm: number) => {
    cut.change({ pitchMm });
    onClose();
  };
  return (
    <Panel
      title={figures?.pitch ?? 'Pitch'}
      onClose={onClose}
      footer={
        <>
          <Button
            label="The usual"
            onPress={() => {
              cut.change({ pitchMm: null });
              onClose();
            }}
          />
          <Button kind="main" label="Set" onPress={set} style={styles.grow} />
        </>
      }
    >
      <View style={styles.group}>
        <TextBox
          label="As it is called: 1.75 mm, or 20 tpi"
          figures
          value={text}
          onChange={setText}
          placeholder={pitchMm === undefined ? '' : pitchOf(pitchMm, units)}
          fault={fault}
          reading={read.mm === undefined ? undefined : pitchOf(read.mm, units)}
        />
        <View style={styles.chips}>
          {pitches?.[units].map((one) => (
            <Button
              key={one}
              label={one}
              disabled={refused(wantedPitch(one, units).mm) !== undefined}
              onPress={() => takeCalled(one)}
            />
          ))}
        </View>
      </View>
    </Panel>
  );
}

const SAID = [
  { value: 'half-angle-deg', label: 'Half angle', example: '1.43' },
  { value: 'included-angle-deg', label: 'Whole angle', example: '2.86' },
  { value: 'one-to-x', label: '1 in …', example: '20' },
  { value: 'taper-per-foot-in', label: 'In a foot', example: '0.6' },
] as const satisfies readonly { value: TaperSaid; label: string; example: string }[];
const LIMITS_DEG = [0.1, 89] as const;
const plain = (text: string): number => readNumber(text.replace('°', '')) ?? NaN;

function EditAngle({ cut, onClose }: EditOtherProps) {
  const { setup } = cut;
  const { figures, angleAsTaper: taper = false } = OPERATION_WORDS[setup.operation];
  const [said, setSaid] = useState<TaperSaid>('half-angle-deg');
  const spoken = SAID.find((one) => one.value === said) ?? SAID[0];
  const [text, setText] = useState('');
  const value = plain(text);
  const deg = Number.isFinite(value) && value > 0 ? (taper ? taperFrom(said, value).halfDeg : value) : NaN;
  const fits = deg >= LIMITS_DEG[0] && deg <= LIMITS_DEG[1];
  const fault =
    text === '' || fits
      ? undefined
      : Number.isFinite(deg)
        ? `Comes to ${Number(deg.toFixed(2))}°: it must be from ${LIMITS_DEG[0]} to ${LIMITS_DEG[1]}°.`
        : 'Type a number above 0.';
  const title = figures?.angle ?? 'Angle from the axis';
  const set = () => {
    if (text !== '' && !fits) return;
    if (text !== '') cut.change({ angleDeg: deg });
    onClose();
  };
  return (
    <Panel
      title={title}
      onClose={onClose}
      footer={
        <>
          <Button
            label="The usual"
            onPress={() => {
              cut.change({ angleDeg: null });
              onClose();
            }}
          />
          <Button kind="main" label="Set" onPress={set} style={styles.grow} />
        </>
      }
    >
      <View style={styles.group}>
        {taper && <Choice says="How the taper is said" value={said} onChange={setSaid} options={SAID} />}
        <TextBox
          label={taper ? spoken.label : 'Degrees'}
          figures
          value={text}
          onChange={setText}
          placeholder={
            taper
              ? spoken.example
              : String(Number((OPERATIONS[setup.operation].asks.angleDeg?.(setup) ?? 0).toFixed(2)))
          }
          fault={fault}
          reading={
            fits && taper
              ? `half angle ${Number(deg.toFixed(3))}°, 1 in ${Number(taperFrom('half-angle-deg', deg).oneTo.toFixed(2))}`
              : undefined
          }
        />
      </View>
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  group: { padding: SPACE.edge, gap: SPACE.near },
  chips: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.close },
});
