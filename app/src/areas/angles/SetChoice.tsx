import { GAUGE_SETS } from '@pike-stone/core/setting';
import { GAUGE_SET_WORDS, sayPiece } from '@pike-stone/words/form';
import { useState } from 'react';
import { View } from 'react-native';
import { Choice } from '../../kit/Choice';
import { Panel } from '../../kit/Panel';
import { Row } from '../../kit/Row';
import { TextBox } from '../../kit/TextBox';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { SET_CHOICES, ownPieces, useOwnPieces, useOwnUnit, usePieces, wearPieces } from './use-set';

/** The set of blocks or feelers that is stacked from, and whether a wear pair stands at its ends. */
export function SetChoice({ wear, onWear }: { wear: number | null; onWear: (piece: number | null) => void }) {
  const { name, choose, pieces } = usePieces();
  const [choosing, setChoosing] = useState(false);
  const isBlocks = name === 'own' || GAUGE_SETS[name].kind === 'blocks';
  return (
    <>
      <Row title={pieces.name} about="the set that is stacked from" onPress={() => setChoosing(true)} />
      {name === 'own' && <OwnPieces />}
      {isBlocks && (
        <View style={styles.box}>
          <Choice
            says="Wear pieces at both ends"
            value={wear === null ? 'none' : String(wear)}
            onChange={(next) => onWear(next === 'none' ? null : Number(next))}
            options={[
              { value: 'none', label: 'No wear pair' },
              ...wearPieces(pieces.unit).map((piece) => ({
                value: String(piece),
                label: `2 × ${sayPiece(piece, pieces.unit)}`,
              })),
            ]}
          />
        </View>
      )}
      {choosing && (
        <Panel title="Set of blocks or feelers" onClose={() => setChoosing(false)}>
          {SET_CHOICES.map((one) => (
            <Row
              key={one}
              title={one === 'own' ? 'Own pieces' : GAUGE_SET_WORDS[one]}
              {...(one === 'own' && { about: 'as they lie in the box, without what is missing or worn' })}
              chosen={one === name}
              onPress={() => {
                choose(one);
                onWear(null);
                setChoosing(false);
              }}
            />
          ))}
        </Panel>
      )}
    </>
  );
}

/** The pieces of a set that is not as its maker sold it. */
function OwnPieces() {
  const [text, setText] = useOwnPieces();
  const [unit, setUnit] = useOwnUnit();
  const read = ownPieces(text, unit);
  return (
    <View style={styles.box}>
      <Choice
        says="Unit of the pieces"
        value={unit}
        onChange={setUnit}
        options={[
          { value: 'mm', label: 'mm' },
          { value: 'in', label: 'inches' },
        ]}
      />
      <TextBox
        label="Pieces, with a blank between"
        figures
        lines={5}
        value={text}
        onChange={setText}
        fault={
          read === null
            ? `Sizes in whole steps of ${unit === 'mm' ? '0.0005 mm' : '0.00005 in'}, with a blank between, 130 at the most.`
            : undefined
        }
        reading={read === null ? undefined : `${read.length} pieces`}
      />
    </View>
  );
}

const styles = sheet({ box: { padding: SPACE.edge, gap: SPACE.near } });
