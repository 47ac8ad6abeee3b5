import type { FormShape, FormTool } from '@pike-stone/core/form';
import { saySpace } from '@pike-stone/words/form';
import { View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { Bar } from '../../kit/Bar';
import { Button } from '../../kit/Button';
import { Caution } from '../../kit/Caution';
import { Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { useWidth } from '../../kit/useWidth';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { useFormSpace } from '../../workers/solid-work';
import { SolidView } from '../grind/solid/SolidView';

const HEIGHT = 220;
const NO_STEPS: readonly string[] = [];
/** On the face of the tooth, a little from above. */
const ON_FACE = { azimuthDeg: 62, heightDeg: 14 };

/** The tooth as a solid, and the space that it leaves in a blank, read from the mesh. */
export function SpaceSheet({ shape, tool }: { shape: FormShape; tool: FormTool }) {
  const units = useUnits();
  const { width, onLayout } = useWidth();
  const { answer, share, fault, stop } = useFormSpace({ shape, tool });
  return (
    <Sheet>
      <View style={styles.box}>
        <Words role="heading">Tried on a blank</Words>
        <View style={styles.solid} onLayout={onLayout}>
          {answer && width > 0 && (
            <SolidView
              facets={answer.tooth}
              steps={NO_STEPS}
              hand="right"
              look={ON_FACE}
              width={width}
              height={HEIGHT}
              says="The tooth as a solid"
            />
          )}
        </View>
        {share !== null && !answer && (
          <View style={styles.progress}>
            <Bar share={share} progressOf="Cutting the blank" />
            <Button kind="plain" label="Stop" onPress={stop} />
          </View>
        )}
        {answer && <Words testID="space-read">{saySpace(answer.worstMm, answer.count, units)}</Words>}
        {fault && <Caution level="note">{`The solid could not be cut: ${fault}`}</Caution>}
      </View>
    </Sheet>
  );
}

const styles = sheet({
  box: { padding: SPACE.edge, gap: SPACE.close },
  solid: { minHeight: HEIGHT },
  progress: { flexDirection: 'row', alignItems: 'center', gap: SPACE.close },
});
