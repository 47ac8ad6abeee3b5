import type { BathStep } from '@pike-stone/words/rescue';
import { DEFER } from '@pike-stone/words';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Panel } from '../../../kit/Panel';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';

/** The bath one step at a time, large, each with its danger; the last step ends it. */
export function BathSteps({
  steps,
  onDone,
  onClose,
}: {
  steps: readonly BathStep[];
  onDone: () => void;
  onClose: () => void;
}) {
  const [at, setAt] = useState(0);
  const step = steps[at]!;
  const isLast = at === steps.length - 1;
  return (
    <Panel
      title={`Step ${at + 1} of ${steps.length}`}
      onClose={onClose}
      footer={
        <>
          <Button label="Back a step" disabled={at === 0} onPress={() => setAt(at - 1)} />
          <Button
            kind="main"
            label={isLast ? 'Done, the edges are clean' : 'Next'}
            onPress={() => (isLast ? onDone() : setAt(at + 1))}
            style={styles.grow}
          />
        </>
      }
    >
      <View style={styles.group} aria-live="polite">
        <Words role="big">{step.title}</Words>
        <Words style={styles.large}>{step.text}</Words>
      </View>
      {step.cautions.map((text) => (
        <Caution key={text} level="danger">
          {text}
        </Caution>
      ))}
      <Words role="note" style={styles.defer}>
        {DEFER}
      </Words>
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  group: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.near, gap: SPACE.close },
  large: { fontSize: 20, lineHeight: 28 },
  defer: { padding: SPACE.edge },
});
