import { useEffect } from 'react';
import { Pressable, View } from 'react-native';
import { create } from 'zustand';
import { sheet } from '../theme/sheet';
import { themed } from '../theme/theme';
import { CORNER, SPACE, TOUCH } from '../theme/type';
import { Words } from './Words';
import { NOT_PRINTED } from './marks';

interface UndoState {
  readonly said: string | null;
  readonly back: (() => void) | null;
  say(said: string, back?: () => void): void;
  clear(): void;
}

/** A bar that says what was done and offers to undo it. */
export const useUndo = create<UndoState>()((set) => ({
  said: null,
  back: null,
  say: (said, back) => set({ said, back: back ?? null }),
  clear: () => set({ said: null, back: null }),
}));

const SHOWN_MS = 8_000;

export function UndoBar() {
  const styles = useStyles();
  const { said, back, clear } = useUndo();
  useEffect(() => {
    if (!said) return;
    const timer = setTimeout(clear, SHOWN_MS);
    return () => clearTimeout(timer);
  }, [said, back, clear]);
  if (!said) return null;
  return (
    <View style={styles.bar} role="status" {...NOT_PRINTED}>
      <Words style={styles.words}>{said}</Words>
      {back && (
        <Pressable
          role="button"
          onPress={() => {
            back();
            clear();
          }}
          style={styles.back}
        >
          <Words role="strong" style={styles.undo}>
            Undo
          </Words>
        </Pressable>
      )}
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({
    bar: {
      flexDirection: 'row',
      alignItems: 'center',
      minHeight: TOUCH,
      marginHorizontal: SPACE.near,
      marginBottom: SPACE.close,
      paddingLeft: SPACE.edge,
      backgroundColor: c.ink,
      borderRadius: CORNER,
    },
    words: { flex: 1, color: c.sheet, paddingVertical: 8 },
    back: { minHeight: TOUCH, justifyContent: 'center', paddingHorizontal: SPACE.edge },
    undo: { color: c.wash, textDecorationLine: 'underline' },
  }),
);
