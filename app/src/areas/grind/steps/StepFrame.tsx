import type { ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { Button, IconButton } from '../../../kit/Button';
import { BackIcon } from '../../../kit/icons';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { themed, useColours, useWide } from '../../../theme/theme';
import { SIZE, SPACE } from '../../../theme/type';

interface StepFrameProps {
  /** What is ground, and how far it has come. */
  readonly about: string;
  readonly progress: ReactNode;
  readonly title: string;
  readonly onBack: () => void;
  /** Seen from where the user stands; it takes the upper half, or the left one of a wide screen. */
  readonly picture: ReactNode;
  /** What the main button says; the whole lower half does the same. */
  readonly next: string;
  readonly onNext: () => void;
  /** Buttons beside the main one. */
  readonly others?: ReactNode;
  readonly children: ReactNode;
}

/** One step at the machine on the screen, to be read through a face shield. */
export function StepFrame({
  about,
  progress,
  title,
  onBack,
  picture,
  next,
  onNext,
  others,
  children,
}: StepFrameProps) {
  const styles = useStyles();
  const colours = useColours();
  const wide = useWide();
  return (
    <View style={styles.page}>
      <View style={styles.head}>
        <IconButton says="Back" onPress={onBack}>
          <BackIcon color={colours.accent} size={28} />
        </IconButton>
        <View style={styles.titles}>
          <View style={styles.above}>
            <Words role="note" numberOfLines={1} style={styles.name}>
              {about}
            </Words>
            {progress}
          </View>
          <Words role="title" style={styles.title} testID="step-title">
            {title}
          </Words>
        </View>
      </View>
      <View style={[styles.rest, wide && styles.across]}>
        <View style={[styles.picture, wide && styles.half]}>{picture}</View>
        <Lower says={next} onNext={onNext} wide={wide}>
          {children}
        </Lower>
      </View>
      <View style={styles.foot}>
        {others}
        <Button kind="main" label={next} onPress={onNext} style={styles.next} />
      </View>
    </View>
  );
}

/** A line of a step, large enough to be read from the machine. */
export function StepWords({ quiet = false, children }: { quiet?: boolean; children: ReactNode }) {
  const styles = useStyles();
  return (
    <Words role={quiet ? 'quiet' : 'body'} style={styles.words}>
      {children}
    </Words>
  );
}

/** The lower half: touched anywhere it goes on. The button under it is for those who look for one. */
function Lower({
  says,
  onNext,
  wide,
  children,
}: {
  says: string;
  onNext: () => void;
  wide: boolean;
  children: ReactNode;
}) {
  const styles = useStyles();
  return (
    <View style={[styles.lower, wide && styles.half]}>
      <View style={styles.untouched}>{children}</View>
      <Pressable
        aria-hidden
        tabIndex={-1}
        testID={`lower-half ${says}`}
        onPress={onNext}
        style={StyleSheet.absoluteFill}
      />
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({
    page: { flex: 1, minHeight: 0, backgroundColor: c.ground },
    head: {
      flexDirection: 'row',
      alignItems: 'center',
      gap: SPACE.close,
      paddingHorizontal: SPACE.edge,
      paddingVertical: SPACE.close,
    },
    titles: { flex: 1, minWidth: 0 },
    title: { fontSize: 26, lineHeight: 32 },
    above: { flexDirection: 'row', alignItems: 'center', gap: SPACE.close },
    name: { flex: 1 },
    rest: { flex: 1, minHeight: 0 },
    across: { flexDirection: 'row' },
    half: { flex: 1 },
    picture: { backgroundColor: c.sheet, borderTopWidth: 1, borderBottomWidth: 1, borderColor: c.line },
    lower: { flex: 1, minHeight: 0, overflow: 'hidden' },
    untouched: { pointerEvents: 'none' },
    words: { fontSize: SIZE.lead, lineHeight: 26, paddingHorizontal: SPACE.edge, paddingVertical: 6 },
    foot: {
      flexDirection: 'row',
      gap: SPACE.close,
      padding: SPACE.edge,
      paddingTop: SPACE.close,
      borderTopWidth: 1,
      borderTopColor: c.line,
    },
    next: { flex: 1, minHeight: 64 },
  }),
);
