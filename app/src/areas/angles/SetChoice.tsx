import { GAUGE_SETS, GAUGE_SET_NAMES } from '@pike-stone/core/setting';
import { GAUGE_SET_WORDS, sayPiece } from '@pike-stone/words/form';
import { useState } from 'react';
import { View } from 'react-native';
import { Choice } from '../../kit/Choice';
import { Panel } from '../../kit/Panel';
import { Row } from '../../kit/Row';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { useGaugeSet, wearPieces } from './use-set';

/** The set of blocks or feelers that is stacked from, and whether a wear pair stands at its ends. */
export function SetChoice({ wear, onWear }: { wear: number | null; onWear: (piece: number | null) => void }) {
  const [set, setSet] = useGaugeSet();
  const [choosing, setChoosing] = useState(false);
  const { unit, kind } = GAUGE_SETS[set];
  return (
    <>
      <Row
        title={GAUGE_SET_WORDS[set]}
        about="the set that is stacked from"
        onPress={() => setChoosing(true)}
      />
      {kind === 'blocks' && (
        <View style={styles.box}>
          <Choice
            says="Wear pieces at both ends"
            value={wear === null ? 'none' : String(wear)}
            onChange={(next) => onWear(next === 'none' ? null : Number(next))}
            options={[
              { value: 'none', label: 'No wear pair' },
              ...wearPieces(set).map((piece) => ({
                value: String(piece),
                label: `2 × ${sayPiece(piece, unit)}`,
              })),
            ]}
          />
        </View>
      )}
      {choosing && (
        <Panel title="Set of blocks or feelers" onClose={() => setChoosing(false)}>
          {GAUGE_SET_NAMES.map((name) => (
            <Row
              key={name}
              title={GAUGE_SET_WORDS[name]}
              chosen={name === set}
              onPress={() => {
                setSet(name);
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

const styles = sheet({ box: { padding: SPACE.edge } });
