import { Counter } from './Counter';
import { useState } from 'react';
import { View } from 'react-native';
import { TextBox } from '../../../kit/TextBox';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { readWithin } from '../../figures/read-figure';
import { withSteps } from './drive-draft';
import { NameBox, nameFits, PartFrame, type PartOf } from './PartFrame';

interface LeverRow {
  readonly name: string;
  readonly driving: string;
  readonly driven: string;
}

const toothCount = (text: string): number | null => readWithin(text, 1, 10_000).value;

export function LeverPart({ part, onSet, onRemove, onClose }: PartOf<'lever'>) {
  const [name, setName] = useState(part.name);
  const [asked, setAsked] = useState(false);
  const [rows, setRows] = useState<readonly LeverRow[]>(() =>
    part.positions.map((one) => ({
      name: one.name,
      driving: String(one.driverTeeth),
      driven: String(one.drivenTeeth),
    })),
  );
  const change = (i: number, row: Partial<LeverRow>) =>
    setRows(rows.map((one, j) => (j === i ? { ...one, ...row } : one)));
  const faultOf = (row: LeverRow) =>
    row.name.trim() === '' || row.name.length > 12
      ? 'Name it in up to 12 characters.'
      : toothCount(row.driving) === null || toothCount(row.driven) === null
        ? 'Teeth, or a ratio like 1 and 2.5, from 1 to 10000.'
        : undefined;
  const set = () => {
    setAsked(true);
    if (!nameFits(name) || rows.some((row) => faultOf(row))) return;
    onSet({
      kind: 'lever',
      name: name.trim(),
      positions: rows.map((row) => ({
        name: row.name.trim(),
        driverTeeth: toothCount(row.driving)!,
        drivenTeeth: toothCount(row.driven)!,
      })),
    });
  };
  return (
    <PartFrame title="Gear lever" onSet={set} onRemove={onRemove} onClose={onClose}>
      <NameBox name={name} onChange={setName} />
      <Counter
        label="Positions"
        count={rows.length}
        most={12}
        onChange={(count) => setRows(withSteps(rows, count, (last) => ({ ...last, name: '' })))}
      />
      <Words role="note">Position, teeth of the driving gear, teeth of the driven gear.</Words>
      {rows.map((row, i) => (
        <View key={i} style={styles.field}>
          <View style={styles.counter}>
            <View style={styles.grow}>
              <TextBox
                hideLabel
                label={`Position ${i + 1}, name`}
                placeholder="A"
                value={row.name}
                onChange={(text) => change(i, { name: text })}
              />
            </View>
            {(['driving', 'driven'] as const).map((gear) => (
              <View key={gear} style={styles.grow}>
                <TextBox
                  hideLabel
                  figures
                  label={`Position ${i + 1}, ${gear} teeth`}
                  placeholder={gear}
                  value={row[gear]}
                  onChange={(teeth) => change(i, { [gear]: teeth })}
                />
              </View>
            ))}
          </View>
          {asked && faultOf(row) && <Words role="fault">{faultOf(row)}</Words>}
        </View>
      ))}
    </PartFrame>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  counter: { flexDirection: 'row', alignItems: 'center', gap: SPACE.close },
  field: { gap: SPACE.hair },
});
