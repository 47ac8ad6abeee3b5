import { cutAngle, cutPitch } from '@pike-stone/core';
import { taperFrom, type TaperSaid } from '@pike-stone/core/forecast';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { Panel } from '../../kit/Panel';
import { pitchOf, wantedPitch } from '../../kit/pitch-words';
import { TextBox } from '../../kit/TextBox';
import { SPACE } from '../../theme/type';
import type { Cut } from './useCut';

export interface EditOtherProps {
  readonly what: 'angle' | 'pitch';
  readonly cut: Cut;
  readonly onClose: () => void;
}

/** What is not a length: an angle as the drawing says it, or a pitch. */
export function EditOther(props: EditOtherProps) {
  return props.what === 'pitch' ? <EditPitch {...props} /> : <EditAngle {...props} />;
}

const PITCHES: Readonly<Record<'thread' | 'knurl', Readonly<Record<'mm' | 'inch', readonly string[]>>>> = {
  thread: {
    mm: ['1 mm', '1.25 mm', '1.5 mm', '1.75 mm', '2 mm', '2.5 mm', '20 tpi', '16 tpi', '11 tpi'],
    inch: ['28 tpi', '24 tpi', '20 tpi', '18 tpi', '16 tpi', '13 tpi', '11 tpi', '1.5 mm', '2 mm'],
  },
  knurl: { mm: ['0.6 mm', '0.8 mm', '1 mm', '1.2 mm', '1.6 mm'], inch: ['33 tpi', '21 tpi', '14 tpi'] },
};

function EditPitch({ cut, onClose }: EditOtherProps) {
  const units = useUnits();
  const [text, setText] = useState('');
  const thread = cut.setup.operation === 'thread';
  const read = wantedPitch(text, units);
  const fault = text !== '' ? read.fault : undefined;
  const set = () => {
    if (text === '') onClose();
    else if (read.mm !== undefined) take(read.mm);
  };
  const take = (pitchMm: number) => {
    cut.change({ pitchMm });
    onClose();
  };
  return (
    <Panel
      title={thread ? 'Pitch of the thread' : 'Pitch of the knurl'}
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
          placeholder={pitchOf(cutPitch(cut.setup), units)}
          fault={fault}
          reading={read.mm === undefined ? undefined : pitchOf(read.mm, units)}
        />
        <View style={styles.chips}>
          {PITCHES[thread ? 'thread' : 'knurl'][units].map((one) => (
            <Button key={one} label={one} onPress={() => take(wantedPitch(one, units).mm!)} />
          ))}
        </View>
      </View>
    </Panel>
  );
}

const SAID: readonly { readonly value: TaperSaid; readonly label: string; readonly example: string }[] = [
  { value: 'half-angle-deg', label: 'Half angle', example: '1.43' },
  { value: 'included-angle-deg', label: 'Whole angle', example: '2.86' },
  { value: 'one-to-x', label: '1 in …', example: '20' },
  { value: 'taper-per-foot-in', label: 'In a foot', example: '0.6' },
];
const LIMITS_DEG = [0.1, 89] as const;
const plain = (text: string): number => Number(text.trim().replace(',', '.').replace('°', ''));

function EditAngle({ cut, onClose }: EditOtherProps) {
  const { setup } = cut;
  const taper = setup.operation === 'taper';
  const [said, setSaid] = useState<TaperSaid>('half-angle-deg');
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
  const title =
    { taper: 'Taper, as the drawing says it', ramp: 'Slope of the ramp', dovetail: 'Angle of the dovetail' }[
      setup.operation as 'taper'
    ] ?? 'Angle from the axis';
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
          label={taper ? SAID.find((one) => one.value === said)!.label : 'Degrees'}
          figures
          value={text}
          onChange={setText}
          placeholder={
            taper
              ? SAID.find((one) => one.value === said)!.example
              : String(Number(cutAngle(setup).toFixed(2)))
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

const styles = StyleSheet.create({
  grow: { flex: 1 },
  group: { padding: SPACE.edge, gap: SPACE.near },
  chips: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.close },
});
