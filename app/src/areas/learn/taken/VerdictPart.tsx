import type { Verdicts } from '@pike-stone/core/learn';
import { View } from 'react-native';
import { Choice } from '../../../kit/Choice';
import { Fold } from '../../../kit/Fold';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';

const NOTHING = 'nothing';
const CHOICES = {
  speed: [
    { value: 'too-slow', label: 'Too slow' },
    { value: 'right', label: 'Right' },
    { value: 'too-fast', label: 'Too fast' },
    { value: NOTHING, label: 'Not told' },
  ],
  feed: [
    { value: 'too-slow', label: 'Too fine' },
    { value: 'right', label: 'Right' },
    { value: 'too-fast', label: 'Too heavy' },
    { value: NOTHING, label: 'Not told' },
  ],
} as const;

/** What the shop will learn of this cut: as its signs and outcome say, unless somebody says otherwise. */
export function VerdictPart({
  told,
  said,
  onSay,
}: {
  /** What signs and outcome say. */
  told: Verdicts;
  /** What a person has said in place of it. */
  said: Partial<Verdicts>;
  onSay: (part: Partial<Verdicts>) => void;
}) {
  const now = { ...told, ...said };
  return (
    <Fold title="What is learned from it">
      {(['speed', 'feed'] as const).map((of) => (
        <View key={of} style={styles.group}>
          <Words role="label">{`The ${of} was`}</Words>
          <Choice
            says={`The ${of} was`}
            value={now[of] ?? NOTHING}
            onChange={(value) => onSay({ [of]: value === NOTHING ? null : value })}
            options={CHOICES[of]}
          />
        </View>
      ))}
      <Words role="note">
        Taken from what was seen and how it went; say otherwise where you know better. Many cuts make the
        shop’s own factor, one odd cut hardly moves it.
      </Words>
    </Fold>
  );
}

const styles = sheet({ group: { gap: SPACE.close } });
