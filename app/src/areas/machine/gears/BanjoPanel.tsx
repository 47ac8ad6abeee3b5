import type { MachineOf } from '@pike-stone/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Panel } from '../../../kit/Panel';
import { TextBox } from '../../../kit/TextBox';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { useFigures } from '../../figures/useFigures';
import { pitchOf, wantedPitch } from '@pike-stone/words';

type Banjo = NonNullable<MachineOf<'lathe'>['banjo']>;

/** Asks for the fixed part of the gearing and for the gears owned. */
export function BanjoPanel({
  banjo,
  onSet,
  onClose,
}: {
  banjo: Banjo;
  onSet: (next: Partial<Banjo>) => void;
  onClose: () => void;
}) {
  const units = useUnits();
  const [screw, setScrew] = useState(() =>
    pitchOf(banjo.leadscrewPitchMm, units).split(' (')[0]!.replace('\u00a0', ' '),
  );
  const [fault, setFault] = useState<string>();
  const pitch = wantedPitch(screw, units);
  const figures = useFigures([
    {
      key: 'fixed',
      label: 'Spindle to leadscrew with equal gears',
      kind: 'number',
      low: 0.001,
      high: 100,
      start: String(banjo.fixedRatio),
      about: 'turns of the leadscrew for one of the spindle: 1 without a gearbox',
    },
    {
      key: 'feed',
      label: 'Carriage feed over thread pitch',
      kind: 'number',
      low: 0.001,
      high: 10,
      start: String(banjo.feedRatio),
      about: 'same gears, feed engaged instead of the half nut: commonly 0.05 to 0.2',
    },
    {
      key: 'owned',
      label: 'Gears in the box, teeth',
      kind: 'numbers',
      low: 8,
      high: 400,
      start: banjo.owned.join(' '),
      about: 'a blank between; one that is there twice stands twice',
    },
  ]);
  const set = () => {
    const read = figures.take();
    if (!read || pitch.mm === undefined) return;
    if (read.owned.length < 2 || read.owned.length > 40) return setFault('Give from 2 to 40 gears.');
    if (read.owned.some((teeth) => !Number.isInteger(teeth))) return setFault('Teeth are whole numbers.');
    onSet({
      leadscrewPitchMm: pitch.mm,
      fixedRatio: read.fixed[0]!,
      feedRatio: read.feed[0]!,
      owned: [...read.owned].sort((a, b) => a - b),
    });
  };
  return (
    <Panel
      title="Leadscrew and gears"
      onClose={onClose}
      footer={<Button kind="main" label="Set" onPress={set} style={styles.grow} />}
    >
      <View style={styles.body}>
        <TextBox
          label="Pitch of the leadscrew: 3 mm, or 8 tpi"
          figures
          value={screw}
          onChange={setScrew}
          fault={pitch.fault}
        />
        {figures.boxes}
        {fault && <Words role="fault">{fault}</Words>}
      </View>
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  body: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
});
