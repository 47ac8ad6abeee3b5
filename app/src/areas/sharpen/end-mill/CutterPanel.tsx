import { TOOL_MATERIALS, type ToolMaterialKey } from '@pike-stone/core';
import { usualEndWish } from '@pike-stone/core/wheel';
import { useState } from 'react';
import { useUnits } from '../../../data/preferences';
import { Choice, Tick } from '../../../kit/Choice';
import { FigurePanel } from '../../figures/FigurePanel';
import { lengthText } from '../../figures/read-figure';
import type { EndMill } from './use-end-mill';

/** What end mills are made of. */
const MADE_OF: readonly ToolMaterialKey[] = ['hss', 'hss-co', 'solid-carbide'];

/** The cutter: diameter, flutes, length left, hand. */
export function CutterPanel({ mill, onClose }: { mill: EndMill; onClose: () => void }) {
  const units = useUnits();
  const { draft, change, tool } = mill;
  const [hand, setHand] = useState(draft.hand);
  const [material, setMaterial] = useState(draft.material);
  const [centre, setCentre] = useState(draft.centreCutting);
  return (
    <FigurePanel
      title="Cutter"
      about={tool ? `${tool.body.name}, from the drawer` : 'one that is not in the drawer'}
      onClose={onClose}
      onSet={({ diameter, teeth, flute }) =>
        change(
          {
            diameterMm: diameter[0]!,
            teeth: teeth[0]!,
            fluteMm: flute[0]!,
            hand,
            material,
            centreCutting: centre,
            ...(diameter[0] !== draft.diameterMm && { landMm: usualEndWish(diameter[0]!).landMm }),
          },
          'Cutter changed.',
        )
      }
      fields={[
        {
          key: 'diameter',
          label: 'Diameter, measured',
          kind: 'size',
          low: 2,
          high: 200,
          start: lengthText(draft.diameterMm, units),
        },
        { key: 'teeth', label: 'Flutes', kind: 'whole', low: 1, high: 60, start: String(draft.teeth) },
        {
          key: 'flute',
          label: 'Length of the flutes left',
          kind: 'size',
          low: 0.5,
          high: 500,
          start: lengthText(draft.fluteMm, units),
        },
      ]}
    >
      <Choice
        says="Hand"
        value={hand}
        onChange={setHand}
        options={[
          { value: 'right', label: 'Right hand' },
          { value: 'left', label: 'Left hand' },
        ]}
        about="A right-hand cutter turns counter-clockwise, seen at its end."
      />
      <Choice
        says="Made of"
        value={material}
        onChange={setMaterial}
        options={TOOL_MATERIALS.filter(({ key }) => MADE_OF.includes(key)).map(({ key, name }) => ({
          value: key,
          label: name,
        }))}
      />
      <Tick
        label="Cuts to the centre"
        about="The long tooth passes the centre by 0.1 to 0.3 mm; the others are gashed clear of it."
        value={centre}
        onChange={setCentre}
      />
    </FigurePanel>
  );
}
