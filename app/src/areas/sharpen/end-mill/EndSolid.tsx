import { END_PARTS } from '@pike-stone/core/wheel';
import { formatAngle } from '@pike-stone/words';
import { View } from 'react-native';
import { Caution } from '../../../kit/Caution';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { useWidth } from '../../../kit/useWidth';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import type { EndTeethAnswer } from '../../../workers/solid-pieces';
import type { WorkedSolid } from '../../../workers/solid-work';
import { SolidView } from '../../grind/solid/SolidView';
import type { EndMill } from './use-end-mill';

const HEIGHT = 250;
/** Nearly along the axis, so that the lands are seen. */
const END_ON = { azimuthDeg: 24, heightDeg: 26 };

/** The end of the cutter as a solid, and the relief that is read on it. */
export function EndSolid({ mill, solid }: { mill: EndMill; solid: WorkedSolid<EndTeethAnswer> }) {
  const { width, onLayout } = useWidth();
  const { answer, fault } = solid;
  const read = answer?.read;
  return (
    <Sheet>
      <View style={styles.solid} onLayout={onLayout}>
        {answer && width > 0 && (
          <SolidView
            facets={answer.facets}
            steps={END_PARTS}
            hand={mill.draft.hand}
            look={END_ON}
            width={width}
            height={HEIGHT}
            says="The end of the cutter as a solid, flutes drawn straight"
          />
        )}
      </View>
      <View style={styles.words} testID="end-read">
        {read && (
          <Words>
            {`Read on the solid: relief ${formatAngle(read.edgeDeg, 1)} at the edge, ${formatAngle(read.heelDeg, 1)} at the heel${read.radiusMm === null ? ', flat' : ''}.`}
          </Words>
        )}
      </View>
      {answer?.plainBecause && (
        <Caution level="note">
          {`The solid library could not start, so the lands are shown flat. (${answer.plainBecause})`}
        </Caution>
      )}
      {fault && <Caution level="danger">{`The solid could not be cut: ${fault}`}</Caution>}
    </Sheet>
  );
}

const styles = sheet({
  solid: { minHeight: HEIGHT },
  words: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.near },
});
