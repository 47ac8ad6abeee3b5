import {
  SIGN_GROUPS,
  signsOf,
  type SignGroup,
  type SignKey,
  type MetalFamily,
  type SignTool,
} from '@pike-stone/core/learn';
import { SIGN_GROUP_WORDS, SIGN_SHORT, SIGN_WORDS } from '@pike-stone/words/learn';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Choice } from '../../../kit/Choice';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { themed } from '../../../theme/theme';
import { CORNER, SIZE, SPACE } from '../../../theme/type';
import { SignArt } from './SignArt';

/** Height of the words under a pictogram: two lines. */
const WORDS_PX = 36;

/** Pictograms of what can be seen, group by group; as many or as few are taken as are wanted. */
export function SignPicker({
  tool,
  metal,
  seen,
  onChange,
}: {
  tool: SignTool;
  metal: MetalFamily;
  seen: readonly SignKey[];
  onChange: (seen: readonly SignKey[]) => void;
}) {
  const styles = useStyles();
  const [group, setGroup] = useState<SignGroup>('chip-shape');
  const toggle = (key: SignKey) =>
    onChange(seen.includes(key) ? seen.filter((one) => one !== key) : [...seen, key]);
  const count = (of: SignGroup) => signsOf(of, tool, metal).filter((key) => seen.includes(key)).length;
  return (
    <View style={styles.box}>
      <Choice
        says="Where it was seen"
        value={group}
        onChange={setGroup}
        options={SIGN_GROUPS.map((value) => ({
          value,
          label: `${SIGN_GROUP_WORDS[value]}${count(value) > 0 ? ` (${count(value)})` : ''}`,
        }))}
      />
      <View role="group" aria-label={SIGN_GROUP_WORDS[group]} style={styles.grid}>
        {signsOf(group, tool, metal).map((key) => {
          const taken = seen.includes(key);
          return (
            <Pressable
              key={key}
              role="checkbox"
              aria-checked={taken}
              aria-label={`${SIGN_SHORT[key]}: ${SIGN_WORDS[key].sign}`}
              onPress={() => toggle(key)}
              style={[styles.sign, taken && styles.taken]}
            >
              <SignArt sign={key} />
              <Words role={taken ? 'strong' : 'body'} style={styles.words}>
                {SIGN_SHORT[key]}
              </Words>
            </Pressable>
          );
        })}
      </View>
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({
    box: { gap: SPACE.near },
    grid: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.close },
    sign: {
      width: 104,
      flexGrow: 1,
      maxWidth: 150,
      alignItems: 'center',
      paddingTop: SPACE.close,
      paddingHorizontal: SPACE.hair,
      borderWidth: 1,
      borderColor: c.line,
      borderRadius: CORNER,
      backgroundColor: c.sheet,
    },
    taken: { borderColor: c.accent, borderWidth: 2, backgroundColor: c.wash },
    words: { fontSize: SIZE.note, lineHeight: 18, textAlign: 'center', minHeight: WORDS_PX },
  }),
);
