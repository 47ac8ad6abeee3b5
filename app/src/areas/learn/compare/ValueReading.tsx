import { CHIP_GRADES, FINISH_GRADES_UM, type Measure, raUnit } from '@pike-stone/words/learn';
import { formatRa } from '@pike-stone/words';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Choice } from '../../../kit/Choice';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { useFigures } from '../../figures/useFigures';

/** A roughness or a wear land as typed, a surface against named grades, or a chip by its grade. */
export function ValueReading({
  measure,
  onTake,
}: {
  measure: Exclude<Measure, 'power'>;
  onTake: (value: number) => void;
}) {
  if (measure === 'chip') return <ChipGrade onTake={onTake} />;
  return (
    <>
      <Typed measure={measure} onTake={onTake} />
      {measure === 'finish' && <Grade onTake={onTake} />}
    </>
  );
}

function Typed({ measure, onTake }: { measure: 'finish' | 'wear'; onTake: (value: number) => void }) {
  const { unit, perUm } = raUnit(useUnits());
  const figures = useFigures<'value'>([
    measure === 'finish'
      ? {
          key: 'value',
          label: `Roughness Ra (${unit})`,
          kind: 'number',
          low: 0.01 * perUm,
          high: 200 * perUm,
        }
      : { key: 'value', label: 'Wear land', kind: 'size', low: 0.001, high: 10 },
  ]);
  const take = () => {
    const read = figures.take();
    if (!read) return;
    figures.set('value', '');
    onTake(measure === 'finish' ? read.value[0]! / perUm : read.value[0]!);
  };
  return (
    <View style={styles.box}>
      {figures.boxes}
      <Button label="Take this reading" onPress={take} />
    </View>
  );
}

function Grade({ onTake }: { onTake: (value: number) => void }) {
  const units = useUnits();
  const [grade, setGrade] = useState<string | null>(null);
  return (
    <View style={styles.box}>
      <Words role="label">Or against the plate</Words>
      <Choice
        says="Grade of the plate it is like"
        value={grade}
        onChange={setGrade}
        options={FINISH_GRADES_UM.map((um) => ({ value: String(um), label: formatRa(um, units) }))}
      />
      <Button label="Take this grade" disabled={grade === null} onPress={() => onTake(Number(grade))} />
    </View>
  );
}

function ChipGrade({ onTake }: { onTake: (value: number) => void }) {
  const [grade, setGrade] = useState<string | null>(null);
  return (
    <View style={styles.box}>
      <Choice
        says="The chip"
        value={grade}
        onChange={setGrade}
        options={CHIP_GRADES.map((label, i) => ({ value: String(i), label }))}
      />
      <Button label="Take this grade" disabled={grade === null} onPress={() => onTake(Number(grade))} />
    </View>
  );
}

const styles = sheet({ box: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.near, gap: SPACE.close } });
