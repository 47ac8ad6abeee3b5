import type { ToolBody } from '@pike-stone/contract';
import type { ToolKind, ToolMaterialKey } from '@pike-stone/core';
import { readTool, usualMaterials, usualSizes, usualTool, type ToolWish } from '@pike-stone/core/forecast';
import { EDGE_NAMES, nameTool, sizeCalled } from '@pike-stone/words/picking';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Choice } from '../../../kit/Choice';
import { TextBox } from '../../../kit/TextBox';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';

/** Size of a tool that goes by none, mm: it does not matter. */
const NO_SIZE_MM = 1;

/** What was picked, as a record of the drawer would hold it. */
const toolOf = (wish: ToolWish, units: 'mm' | 'inch'): ToolBody =>
  ({ ...usualTool(wish, nameTool(wish, units)), note: '' }) as ToolBody;

/** Any tool of the kind an operation is done with: picked by its size, or typed as it is called. */
export function AnyTool({
  kind,
  taken,
  onTake,
}: {
  kind: ToolKind;
  /** Name of the tool that is taken now. */
  taken?: string | undefined;
  onTake: (tool: ToolBody) => void;
}) {
  const units = useUnits();
  const [material, setMaterial] = useState<ToolMaterialKey>(usualMaterials(kind)[0]!);
  const [text, setText] = useState('');
  const sizes = usualSizes(kind)[units].map((size) => (units === 'mm' ? size : size * 25.4));
  const typed = text === '' ? null : readTool(text, kind, units === 'mm' ? 'mm' : 'in');
  const made = (sizeMm: number, edge = material) =>
    toolOf({ kind, material: edge, sizeMm, teeth: null }, units);
  const says = kind === 'turning-tool' ? 'Nose radius' : 'Size';
  const pick = (sizeMm: number) => onTake(made(sizeMm));
  return (
    <View style={styles.pad}>
      <Words role="label">Any tool, not from the drawer</Words>
      <Choice
        says="Made of"
        value={material}
        onChange={setMaterial}
        options={usualMaterials(kind).map((value) => ({ value, label: EDGE_NAMES[value] }))}
      />
      {sizes.length === 0 ? (
        <Button label="Take the usual one" onPress={() => pick(NO_SIZE_MM)} />
      ) : (
        <Choice
          says={says}
          about={says}
          value={sizes.map((mm) => (made(mm).name === taken ? String(mm) : '')).find(Boolean) ?? null}
          onChange={(mm) => pick(Number(mm))}
          options={sizes.map((mm) => ({ value: String(mm), label: sizeCalled(mm, units) }))}
        />
      )}
      {sizes.length > 0 && (
        <View style={styles.typed}>
          <View style={styles.grow}>
            <TextBox
              label="Or type it: carbide 9.5, 2 flutes"
              value={text}
              onChange={setText}
              reading={typed ? nameTool(typed, units) : undefined}
              fault={text !== '' && !typed ? 'A size is missing: 12, 3/8, 0.4.' : undefined}
            />
          </View>
          <Button label="Take it" disabled={!typed} onPress={() => typed && onTake(toolOf(typed, units))} />
        </View>
      )}
    </View>
  );
}

const styles = sheet({
  pad: { paddingHorizontal: SPACE.edge, paddingVertical: SPACE.near, gap: SPACE.close },
  typed: { flexDirection: 'row', gap: SPACE.close, alignItems: 'flex-end', flexWrap: 'wrap' },
  grow: { flex: 1, minWidth: 180 },
});
