import { arcOf, longestChain, shapeOf, type Piece, type Profile } from '@pike-stone/core/form';
import { convert, OutOfRange } from '@pike-stone/core';
import { formatLength, joined, sayOutOfRange } from '@pike-stone/words';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import type { Drawing, DrawnPiece } from '../../../drawing/read-drawing';
import { Button } from '../../../kit/Button';
import { Choice } from '../../../kit/Choice';
import { Panel } from '../../../kit/Panel';
import { pickFile } from '../../../kit/pick-file';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { SmallForm } from '../sketch/SmallForm';

/** Ends of a drawing that are one corner, mm. */
const JOIN_MM = 0.005;
const MOST_CORNERS = 400;

const pieceOf = ({ from, to, bulge }: DrawnPiece, factor: number): Piece => {
  const [a, b] = [from, to].map(([x, y]) => [x * factor, y * factor] as const) as [
    readonly [number, number],
    readonly [number, number],
  ];
  return Math.abs(bulge) < 1e-9 ? { kind: 'line', from: a, to: b } : arcOf(a, b, bulge);
};

/** The profile of a drawing, or the sentence why there is none. */
function profileOf(drawing: Drawing, factor: number): { profile: Profile | null; fault: string | null } {
  const drawn = drawing.pieces.filter(({ from, to }) => Math.hypot(to[0] - from[0], to[1] - from[1]) > 1e-9);
  if (drawn.length === 0)
    return { profile: null, fault: 'There are no lines, arcs or polylines in it that could be a profile.' };
  try {
    const profile = longestChain(
      drawn.map((piece) => pieceOf(piece, factor)),
      JOIN_MM,
    );
    if (profile.length > MOST_CORNERS)
      return {
        profile: null,
        fault: `Its longest chain has ${profile.length} corners, more than ${MOST_CORNERS}: thin it out.`,
      };
    shapeOf({ kind: 'corners', corners: profile });
    return { profile, fault: null };
  } catch (error) {
    if (error instanceof OutOfRange) return { profile: null, fault: sayOutOfRange(error) };
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
  const found = drawing && factor !== null ? profileOf(drawing, factor) : null;
  const shape = found?.profile ? shapeOf({ kind: 'corners', corners: found.profile }) : null;
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
        {found?.profile && shape && (
          <>
            <SmallForm source={{ kind: 'corners', corners: found.profile }} />
            <Words>{`${found.profile.length} corners, ${joined(formatLength(shape.depthMm, units))} deep.`}</Words>
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
