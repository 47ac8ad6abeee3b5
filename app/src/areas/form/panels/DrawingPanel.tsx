import { MOST_CORNERS, drawnProfile, shapeOf, type FormShape, type Profile } from '@pike-stone/core/form';
import { convert, OutOfRange } from '@pike-stone/core';
import { formatLength, joined, sayOutOfRange } from '@pike-stone/words';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import type { Drawing } from '../../../drawing/drawing';
import { Button } from '../../../kit/Button';
import { Choice } from '../../../kit/Choice';
import { Panel } from '../../../kit/Panel';
import { pickFile } from '../../../kit/pick-file';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { SmallForm } from '../sketch/SmallForm';

type Found =
  | { readonly profile: Profile; readonly shape: FormShape; readonly fault: null }
  | { readonly profile: null; readonly fault: string };

/** The form of a drawing, or the sentence why there is none. */
function formOf({ pieces }: Drawing, mmPerUnit: number): Found {
  const refused = (fault: string): Found => ({ profile: null, fault });
  try {
    const profile = drawnProfile(pieces, mmPerUnit);
    if (profile === null)
      return refused('There are no lines, arcs or polylines in it that could be a profile.');
    if (profile.length > MOST_CORNERS)
      return refused(
        `Its longest chain has ${profile.length} corners, more than ${MOST_CORNERS}: thin it out.`,
      );
    return { profile, shape: shapeOf({ kind: 'corners', corners: profile }), fault: null };
  } catch (error) {
    if (error instanceof OutOfRange) return refused(sayOutOfRange(error));
    throw error;
  }
}

/** A profile from a DXF or SVG file: its unit is asked where the file does not say it. */
export function DrawingPanel({
  onTake,
  onClose,
}: {
  onTake: (profile: Profile) => void;
  onClose: () => void;
}) {
  const units = useUnits();
  const [drawing, setDrawing] = useState<Drawing | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [unit, setUnit] = useState<'mm' | 'in' | null>(null);
  const open = async () => {
    const file = await pickFile('.dxf,.svg');
    if (!file) return;
    setFault(null);
    setDrawing(null);
    try {
      const [{ readDxf, readSvg }, text] = await Promise.all([
        import('../../../drawing/read-drawing'),
        file.text(),
      ]);
      setDrawing(/\.svg$/i.test(file.name) ? readSvg(text) : readDxf(text));
    } catch (error) {
      setFault(error instanceof Error ? error.message : String(error));
    }
  };
  const factor = drawing?.mmPerUnit ?? (unit && convert(1, unit, 'mm'));
  const found = drawing && factor !== null ? formOf(drawing, factor) : null;
  return (
    <Panel
      title="From a DXF or SVG file"
      onClose={onClose}
      footer={
        <>
          <Button label="Choose a file" onPress={() => void open()} />
          <Button
            kind="main"
            label="Take it"
            disabled={!found?.profile}
            onPress={() => {
              if (found?.profile) onTake(found.profile);
              onClose();
            }}
            style={styles.grow}
          />
        </>
      }
    >
      <View style={styles.pad}>
        <Words role="note">
          The longest chain of lines and arcs is taken as the profile, the tool above. Draw it open, from left
          to right.
        </Words>
        {fault && <Words role="fault">{fault}</Words>}
        {drawing && drawing.mmPerUnit === null && (
          <>
            <Words role="strong">The file does not say its unit.</Words>
            <Choice
              says="Unit of the file"
              value={unit}
              onChange={setUnit}
              options={[
                { value: 'mm', label: 'mm' },
                { value: 'in', label: 'inches' },
              ]}
            />
          </>
        )}
        {found?.fault && <Words role="fault">{found.fault}</Words>}
        {found?.profile && (
          <>
            <SmallForm source={{ kind: 'corners', corners: found.profile }} />
            <Words>{`${found.profile.length} corners, ${joined(formatLength(found.shape.depthMm, units))} deep.`}</Words>
          </>
        )}
      </View>
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  pad: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
});
