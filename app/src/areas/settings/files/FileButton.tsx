import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../kit/Button';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import type { FileWork } from './useFileWork';

/** Time after which work that goes on can be stopped, ms. */
const STOP_AFTER_MS = 2_000;

interface FileButtonProps {
  readonly label: string;
  /** Stands on the button while the work goes on. */
  readonly atWork: string;
  readonly work: FileWork;
  readonly onPress: () => void;
  readonly kind?: 'main' | 'other';
  readonly disabled?: boolean;
}

/** A button for work with a file: it says when the work goes on, how to stop it, and why it failed. */
export function FileButton({
  label,
  atWork,
  work,
  onPress,
  kind = 'other',
  disabled = false,
}: FileButtonProps) {
  return (
    <>
      <View style={styles.line}>
        <Button
          kind={kind}
          label={work.busy ? `${atWork} …` : label}
          busy={work.busy}
          disabled={disabled}
          onPress={onPress}
          style={styles.fill}
        />
        {work.busy && <StopButton onPress={work.stop} />}
      </View>
      {work.fault !== null && <Words role="fault">{work.fault}</Words>}
    </>
  );
}

function StopButton({ onPress }: { readonly onPress: () => void }) {
  const [isLong, setLong] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setLong(true), STOP_AFTER_MS);
    return () => clearTimeout(timer);
  }, []);
  return isLong ? <Button label="Stop" onPress={onPress} /> : null;
}

const styles = sheet({ line: { flexDirection: 'row', gap: SPACE.close }, fill: { flexGrow: 1 } });
