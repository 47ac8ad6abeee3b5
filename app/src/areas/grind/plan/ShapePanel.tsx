import type { BitBody } from '@pike-stone/contract';
import { BIT_SHAPES } from '@pike-stone/core/grind';
import { SHAPE_WORDS } from '@pike-stone/words/grind';
import { View } from 'react-native';
import { Choice } from '../../../kit/Choice';
import { Panel } from '../../../kit/Panel';
import { Row } from '../../../kit/Row';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { begunAnew } from '../bit-model';
import type { WordPanelProps } from './word-panel';

/** Hand and shape of a bit; another shape begins with its own angles. */
export function ShapePanel({ bit, onClose }: WordPanelProps) {
  const { body, change } = bit;
  const anew = (part: Partial<BitBody>, said: string) => change(begunAnew(body, part), said);
  return (
    <Panel title="Shape" onClose={onClose}>
      <View style={styles.pad}>
        <Choice
          says="Hand"
          value={body.hand}
          onChange={(hand) => change({ hand }, 'Hand changed.')}
          options={[
            { value: 'right', label: 'Right hand' },
            { value: 'left', label: 'Left hand' },
          ]}
          about="A right-hand bit cuts toward the headstock."
        />
      </View>
      {BIT_SHAPES.map((shape) => (
        <Row
          key={shape}
          title={SHAPE_WORDS[shape].name}
          about={SHAPE_WORDS[shape].about}
          chosen={shape === body.shape}
          onPress={() => {
            if (shape !== body.shape) anew({ shape }, 'Shape changed; its angles begin anew.');
            onClose();
          }}
        />
      ))}
    </Panel>
  );
}

const styles = sheet({ pad: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.near, gap: SPACE.near } });
