import type { JobWants } from '@pike-stone/core/choose';
import { formatLength, formatRa, joined } from '@pike-stone/words';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { Button } from '../../kit/Button';
import { Choice, Tick } from '../../kit/Choice';
import { Panel } from '../../kit/Panel';
import { TextBox } from '../../kit/TextBox';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { readWithin } from '../figures/read-figure';

const PARTS = [1, 5, 20, 50, 200] as const;
const MOST_PARTS = 10_000;
const FINISHES = [
  [6.3, 'roughed'],
  [3.2, 'turned'],
  [1.6, 'smooth'],
  [0.8, 'fine'],
] as const;
/** Whole widths of a tolerance, mm. */
const TOLERANCES = [0.5, 0.1, 0.05, 0.02] as const;
const PASSES = [1, 2, 3, 5] as const;

const choices = <Value extends number>(values: readonly Value[], label: (value: Value) => string) =>
  values.map((value) => ({ value: String(value), label: label(value) }));

const readParts = (text: string) => readWithin(text, 1, MOST_PARTS, true);

/** What the job asks: how many, how fine, how exact, in how many passes, of a special form. */
export function WantsPanel({
  wants,
  interrupted,
  onChange,
  onClose,
}: {
  wants: JobWants;
  interrupted: boolean;
  onChange: (change: Partial<JobWants>) => void;
  onClose: () => void;
}) {
  const units = useUnits();
  const [typed, setTyped] = useState('');
  return (
    <Panel
      title="The job"
      onClose={onClose}
      footer={<Button kind="main" label="Done" onPress={onClose} style={styles.grow} />}
    >
      <View style={styles.group}>
        <Words role="label">How many parts</Words>
        <Choice
          says="How many parts"
          value={String(wants.parts)}
          onChange={(parts) => {
            setTyped('');
            onChange({ parts: Number(parts) });
          }}
          options={choices(PARTS, String)}
        />
        <TextBox
          label="Or another number"
          value={typed}
          figures
          onChange={(text) => {
            setTyped(text);
            const { value: parts } = readParts(text);
            if (parts !== null) onChange({ parts });
          }}
          fault={typed === '' ? undefined : readParts(typed).fault}
        />
      </View>
      <View style={styles.group}>
        <Words role="label">Finish</Words>
        <Choice
          says="Finish"
          value={String(wants.finishRaUm)}
          onChange={(ra) => onChange({ finishRaUm: Number(ra) })}
          options={FINISHES.map(([ra, name]) => ({
            value: String(ra),
            label: `${name}, Ra ${formatRa(ra, units)}`,
          }))}
        />
      </View>
      <View style={styles.group}>
        <Words role="label">Tolerance, its whole width</Words>
        <Choice
          says="Tolerance"
          value={String(wants.toleranceMm)}
          onChange={(mm) => onChange({ toleranceMm: Number(mm) })}
          options={choices(TOLERANCES, (mm) => joined(formatLength(mm, units)))}
        />
      </View>
      <View style={styles.group}>
        <Words role="label">Passes for a part</Words>
        <Choice
          says="Passes for a part"
          value={String(wants.passes)}
          onChange={(passes) => onChange({ passes: Number(passes) })}
          options={choices(PASSES, String)}
        />
      </View>
      <View style={styles.group}>
        <Tick
          label="A special form"
          about="a radius, a groove of its own, a profile: the tool has to be made to it"
          value={wants.specialForm}
          onChange={(specialForm) => onChange({ specialForm })}
        />
        {interrupted && (
          <Tick
            label="Heavy blows"
            about="a hexagon, a gap as wide as the work; a keyway or a cross hole is light"
            value={wants.heavyBlows}
            onChange={(heavyBlows) => onChange({ heavyBlows })}
          />
        )}
      </View>
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  group: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.close },
});
