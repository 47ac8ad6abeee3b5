import { scratchTest } from '@pike-stone/core/setting';
import { unlessRefused } from '@pike-stone/core';
import { sayScratch } from '@pike-stone/words/form';
import { useState } from 'react';
import { View } from 'react-native';
import { Choice } from '../../../kit/Choice';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';

/** Marked files of a usual set. */
const FILES = [40, 45, 50, 55, 60, 65];
type Seen = 'not-tried' | 'skates' | 'bites';

/** What each marked file did, and how hard the cutter is from it. */
export function ScratchTest({ leastHrc }: { leastHrc: number }) {
  const [seen, setSeen] = useState<Readonly<Record<number, Seen>>>({});
  const trials = FILES.flatMap((fileHrc) => {
    const one = seen[fileHrc] ?? 'not-tried';
    return one === 'not-tried' ? [] : [{ fileHrc, bites: one === 'bites' }];
  });
  const found = trials.length === 0 ? null : unlessRefused(() => scratchTest(trials, leastHrc), null);
  return (
    <View style={styles.box}>
      {FILES.map((file) => (
        <View key={file} style={styles.line}>
          <Words role="strong" style={styles.file}>{`${file}`}</Words>
          <View style={styles.grow}>
            <Choice
              says={`File of ${file} HRC`}
              value={seen[file] ?? 'not-tried'}
              onChange={(next: Seen) => setSeen({ ...seen, [file]: next })}
              options={[
                { value: 'not-tried', label: 'Not tried' },
                { value: 'skates', label: 'Skates' },
                { value: 'bites', label: 'Bites' },
              ]}
            />
          </View>
        </View>
      ))}
      {found && (
        <Words role="strong" testID="scratch-says">
          {sayScratch(found)}
        </Words>
      )}
    </View>
  );
}

const styles = sheet({
  box: { gap: SPACE.close },
  line: { flexDirection: 'row', alignItems: 'center', gap: SPACE.near },
  file: { width: 34 },
  grow: { flex: 1 },
});
