import { sayPiece } from '@pike-stone/words/form';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { Choice } from '../../kit/Choice';
import { Panel } from '../../kit/Panel';
import { Row } from '../../kit/Row';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { usePieces, wearPieces } from './use-set';

/** The set of blocks or feelers that is stacked from, and whether a wear pair stands at its ends. */
export function SetChoice({
  wear,
  onWear,
}: {
  /** One of the pair; null without one, undefined where none is asked for. */
  wear: number | null | undefined;
  onWear: (piece: number | null) => void;
}) {
  const router = useRouter();
  const { sets, choose, pieces } = usePieces();
  const [choosing, setChoosing] = useState(false);
  return (
    <>
      <Row title={pieces.name} about="the set that is stacked from" onPress={() => setChoosing(true)} />
      {pieces.kind === 'blocks' && wear !== undefined && (
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
          {sets.map(({ id, name, kind, steps }) => (
            <Row
              key={id}
              title={name}
              about={
                steps.length === 0
                  ? 'a size in its list cannot be read: mend it in the drawer'
                  : `${steps.length} ${kind === 'blocks' ? 'blocks' : 'leaves'}`
              }
              chosen={id === pieces.id}
              onPress={() => {
                setChoosing(false);
                if (steps.length === 0) {
                  router.push(`/drawer/supplies/${id}`);
                  return;
                }
                choose(id);
                onWear(null);
              }}
            />
          ))}
          <Row
            title="Add blocks or feelers"
            about="as they lie in the box, kept in the drawer"
            onPress={() => {
              setChoosing(false);
              router.push('/drawer/supplies/new?type=gauge-set');
            }}
          />
        </Panel>
      )}
    </>
  );
}

const styles = sheet({ box: { padding: SPACE.edge } });
